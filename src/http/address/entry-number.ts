/** The n-th entry that whoever asks has had, as it is said in an address or a header; none where it is not said so. */
export const entryNumber = (said: string | null): number =>
  said !== null && /^\d{1,9}$/.test(said) ? Number(said) : 0;
