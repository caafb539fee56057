declare namespace App {
  interface Locals {
    /** What a page's charts mark their styles with; null where none are drawn. */
    chartNonce: string | null;
    /** Which door a request came through: this machine's own, or the one to the room; none where it is developed. */
    door?: 'home' | 'room';
    /** The paired tablet that asks, through the door to the room. */
    tablet?: { readonly id: string; readonly name: string };
  }
}
