import { SKILLS, type Skill } from '../../core/studio';

/** What an address asks of the gallery; what is unreadable is let be. */
export function galleryWish({ searchParams }: URL): {
  skill: Skill | null;
  age: number | null;
  minutes: number | null;
  onShelf: boolean;
  noFlame: boolean;
} {
  const whole = (name: string, most: number): number | null => {
    const text = searchParams.get(name) ?? '';
    return /^\d{1,3}$/.test(text) && Number(text) <= most ? Number(text) : null;
  };
  return {
    skill: SKILLS.find((skill) => skill === searchParams.get('skill')) ?? null,
    age: whole('age', 120),
    minutes: whole('minutes', 999),
    onShelf: searchParams.get('shelf') === 'yes',
    noFlame: searchParams.get('flame') === 'no',
  };
}
