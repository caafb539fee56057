/** What an address says is bought otherwise than usual: `pack=cord/satin-2/race~5000`, `without=tool/awl`; what is unreadable is let be. */
export function orderChoices({ searchParams }: URL): { packs: Map<string, number>; without: Set<string> } {
  const packs = searchParams.getAll('pack').flatMap((text): [string, number][] => {
    const [, item, pack] = /^([a-z0-9/-]{1,130})~(\d{1,8})$/.exec(text) ?? [];
    return item && pack ? [[item, Number(pack)]] : [];
  });
  return { packs: new Map(packs), without: new Set(searchParams.getAll('without')) };
}
