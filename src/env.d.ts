declare namespace App {
  interface Locals {
    /** What a page's charts mark their styles with; null where none are drawn. */
    chartNonce: string | null;
    /** Which door a request came through: this machine's own, or the one to the room; none where it is developed. */
    door?: 'home' | 'room';
    /** The address a request is counted by; none where it is developed. */
    address?: string;
    /** Resolves when what was written so far is on its way: a long download waits for it, so that it does not pile up in memory. */
    whenWritable?: () => Promise<void>;
    /** The paired tablet that asks, through the door to the room. */
    tablet?: { readonly id: string; readonly name: string };
  }
}
