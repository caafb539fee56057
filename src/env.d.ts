declare namespace App {
  interface Locals {
    /** What a page's charts mark their styles with; null where none are drawn. */
    chartNonce: string | null;
  }
}
