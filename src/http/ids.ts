/** Whether a text is an id as the database takes it. */
export const isUuid = (text: string): boolean => /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);
