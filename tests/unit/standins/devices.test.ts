import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { simulatedPrinter } from '../../../src/standins/label-printer';
import { simulatedSupplier } from '../../../src/standins/supplier';

describe('what stands in for devices', () => {
  it('prints two labels a second, jams, runs out, and prints nothing twice', () => {
    let now = 0;
    const printer = simulatedPrinter(() => now);
    printer.print('Bags', 50);
    now = 5000;
    expect(printer.state()).toMatchObject({ state: 'printing', paper: 50, queue: [{ done: 10 }] });
    now = 60_000;
    expect(printer.state()).toMatchObject({ state: 'jam', paper: 47, queue: [{ done: 13 }] });
    now = 90_000;
    expect(printer.state()).toMatchObject({ state: 'jam', paper: 47 });
    printer.attend();
    now = 120_000;
    expect(printer.state()).toMatchObject({ state: 'ready', paper: 10, queue: [] });
    printer.print('Cuts', 12);
    now = 150_000;
    expect(printer.state()).toMatchObject({ state: 'out-of-paper', queue: [{ done: 10, labels: 12 }] });
    printer.attend();
    now = 160_000;
    expect(printer.state()).toMatchObject({ state: 'ready', paper: 58 });
  });

  it('answers an order with what the supplier has, when it comes, or why not', () => {
    const cords = Object.values(SHIPPED.cords).flatMap(({ slug, colours }) =>
      colours.map((c) => `cord/${slug}/${c.slug}`),
    );
    const usual = (item: string) => simulatedSupplier.offers(item)[0]!;
    const out = cords.find((item) => usual(item).packs === 0)!;
    expect(simulatedSupplier.order(out, usual(out).pack, 1, '2030-05-01')).toMatchObject({ ok: false });
    const some = cords.find((item) => usual(item).packs > 0)!;
    const { pack, packs, lead_days } = usual(some);
    expect(simulatedSupplier.order(some, pack + 1, 1, '2030-05-01')).toMatchObject({ ok: false });
    const answer = simulatedSupplier.order(some, pack, packs + 5, '2030-05-01');
    expect(answer).toMatchObject({ ok: true, value: { packs, note: expect.stringContaining('only') as string } });
    expect(answer.ok && Date.parse(answer.value.due_on) - Date.parse('2030-05-01')).toBeGreaterThanOrEqual(
      lead_days * 86_400_000,
    );
    expect(simulatedSupplier.offers('tool/scissors')).toEqual([]);
  });
});
