// How well the bench foretells who finishes: one line of JSON, by how often makers are looked at and by skill.
import { calibrationOf } from '../../tests/unit/bench/calibration';

const MAKERS = 300;
const rows = [1, 5, 15].flatMap((every) =>
  (['new', 'steady', 'fluent'] as const).map((skill) => {
    const told = calibrationOf(every, skill, MAKERS);
    const words = told.map((bin) => `${Math.round(bin.told * 100)}→${Math.round(bin.finished * 100)}`);
    return [`told at the bench, counted every ${every} min, ${skill}`, words.join(' ')];
  }),
);
console.log(JSON.stringify(rows));
