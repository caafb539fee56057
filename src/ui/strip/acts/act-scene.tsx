import type { Piece } from '../../../core/project';
import { layered, sampleOpen } from '../../../core/stitch';
import { apartFrom } from '../../pictures/tint';
import { pathOf } from '../paint/layers';
import { Fine, Strand, Tape } from '../paint/strand';
import { hexes } from '../hexes';
import { pointsOf, type Scene, type SceneCord } from './scene';
import { Thing } from './thing';

/** How thick a cord is in the box of a scene. */
const THICK = 5;
const FINGER = { thick: 17, hex: '#cfae90' };
/** What the others are tied round, where it has no colour of its own to tell it by. */
const CORE = '#9a948a';

/** What hands do in an act, in the seat’s own colours; the start at the top, the work coming towards its maker. */
export function ActScene({ scene, piece }: { scene: Scene; piece: Piece }) {
  const hex = hexes(piece);
  const colours = [...new Set(piece.cords.map(({ colour }) => hex[colour] ?? '#888888'))];
  const cords = scene.cords ?? [];
  const hexOf = ({ whose, moves }: SceneCord): string => {
    if (whose === 'core') return CORE;
    if (whose === 'finger') return FINGER.hex;
    const own = whose === 'first' ? colours[0]! : (colours[1] ?? apartFrom(colours[0]!));
    return moves && cords.some((one) => one.whose === whose && !one.moves) ? apartFrom(own) : own;
  };
  const lines = cords.map((one, i) => ({
    strand: String(i),
    thick: one.whose === 'finger' ? FINGER.thick : THICK,
    points: sampleOpen(pointsOf(one.way, THICK), 8),
  }));
  return (
    <svg viewBox="0 0 120 80" role="img">
      {scene.under?.map((thing, i) => (
        <Thing key={i} thing={thing} />
      ))}
      <g transform="matrix(0 1 1 0 0 0)">
        <Fine>
          {layered(lines, 'front', THICK / 4).map((layer, i) => (
            <Strand
              key={i}
              path={pathOf(layer, 1, true)}
              hex={hexOf(cords[Number(layer.strand)]!)}
              width={layer.thick}
              leads={cords[Number(layer.strand)]!.moves === true}
            />
          ))}
        </Fine>
        {cords.map(
          ({ moves }, i) =>
            moves && <Tape key={i} line={lines[i]!.points.map(([x, y]) => [x, y])} width={0.8 * THICK} />,
        )}
      </g>
      {scene.over?.map((thing, i) => (
        <Thing key={i} thing={thing} />
      ))}
    </svg>
  );
}
