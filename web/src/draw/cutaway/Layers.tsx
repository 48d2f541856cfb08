import { Grains } from '../Grains';
import { roundPath } from '../grains';
import { bandPath, curvePath, type Curve } from '../outline';
import { crustCss, rawLayerCss, sauceCss } from '../palette';
import { scatter } from '../random';
import { LEFT, RIGHT, type Band } from './frame';

/** The layers of one face: raw or wet below, dried and browned from outside, a sauce on top. */
export function Layers({ bands, outward, id }: { bands: Band[]; outward: 1 | -1; id: string }) {
  return bands.map(({ name, inner, outer, face, index }) => {
    const { layer, wetness, mm, finish, sauce } = face.layers[index];
    const last = index === bands.length - 1;
    const raw = sauce ? sauceCss(layer, wetness) : rawLayerCss(layer, wetness);
    const crust = sauce ? raw : crustCss(face.browning * (finish ? 1 : 0.45));
    const dryShare = finish ? Math.min(1, face.shellMm / Math.max(0.05, mm)) : wetness < 0.15 ? 1 : 0;
    const split: Curve = (x) => outer(x) + (inner(x) - outer(x)) * dryShare;
    return (
      <g key={`${outward}${index}`}>
        {dryShare < 1 && <path d={bandPath(LEFT, RIGHT, inner, outer)} fill={raw} />}
        {dryShare > 0 && <path d={bandPath(LEFT, RIGHT, split, outer)} fill={crust} />}
        <Grains
          seed={`${id}${name}${outward}`}
          grain={layer.grain}
          from={LEFT}
          to={RIGHT}
          inner={inner}
          outer={outer}
          fill={finish && face.browning > 0.02 ? crust : rawLayerCss(layer, wetness * 0.6)}
          outward={outward}
          last={last}
        />
        {layer.wet && (
          <Bubbles seed={`${name}${outward}`} inner={inner} outer={outer} set={face.set} batter={layer.batter} />
        )}
        <path d={curvePath(LEFT, RIGHT, inner)} fill="none" stroke="#2b2013" strokeOpacity={0.3} strokeWidth={0.6} />
      </g>
    );
  });
}

const PORES = 22;

/** Pores of a set batter, scattered over its layer. */
function poresPath(seed: string, inner: Curve, outer: Curve, thickness: number): string {
  const random = scatter(seed);
  const pores = Array.from({ length: PORES }, () => {
    const x = LEFT + random() * (RIGHT - LEFT);
    const y = inner(x) + (outer(x) - inner(x)) * (0.2 + 0.6 * random());
    return roundPath(x, y, 0.5 + random() * Math.min(2, thickness / 5));
  });
  return pores.join('');
}

/** A wet layer: a gloss while it is liquid, pores once it has set. */
function Bubbles({
  seed,
  inner,
  outer,
  set,
  batter,
}: {
  seed: string;
  inner: Curve;
  outer: Curve;
  set: number;
  batter: boolean;
}) {
  const middle = (LEFT + RIGHT) / 2;
  const thickness = Math.abs(outer(middle) - inner(middle));
  const half: Curve = (x) => (inner(x) + outer(x)) / 2;
  const porous = batter && set > 0.5 && thickness > 3;
  return (
    <g>
      {set < 0.5 && thickness > 2 && (
        <path
          d={curvePath(LEFT + 6, RIGHT - 6, half)}
          fill="none"
          stroke="#fffdf2"
          strokeOpacity={0.8}
          strokeWidth={1}
          strokeDasharray="14 9"
        />
      )}
      {porous && <path d={poresPath(seed, inner, outer, thickness)} fill="#7a5524" fillOpacity={0.3} />}
    </g>
  );
}
