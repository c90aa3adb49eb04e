// The bars of the plan in the lanes of their makers and stations, and the bar that is being tried elsewhere.
import { memo, useMemo } from 'react';
import { clockInWords } from '../../../core/format/days.ts';
import type { PlanBlock } from '../../../core/plan/studio/studio-plan.ts';
import { fittedText, placeNames, textWidth } from '../../components/fitted-text.ts';
import { batchesInWords } from '../../words/plan-words.ts';
import type { Axis } from './axis.ts';
import { HEAD, LANE, NAME_ROW, NAME_ROWS, STATION, type Tops } from './lane-tops.ts';

/** Narrower bars have no text. */
const LEAST_WORDS_PX = 34;

/** A place at which a bar is tried. */
export interface Trial {
  readonly block: PlanBlock;
  readonly maker: string | null;
  readonly start: number;
}

interface BarsProps {
  readonly blocks: readonly PlanBlock[];
  readonly axis: Axis;
  readonly tops: Tops;
  readonly tints: ReadonlyMap<string, number>;
  readonly nameOf: (batch: string) => string;
  /** px drawn: from, to. */
  readonly from: number;
  readonly to: number;
  /** `data-block` of the chosen bar, and of the bar being tried. */
  readonly selected: string;
  readonly tried: string;
}

/** Names a bar within its plan. */
export const blockKey = ({ batch, step }: PlanBlock) => `${batch} ${step.key}`;

/** Drawn again only when a bar changes; the bar being dragged is not one of them. */
export const Bars = memo(function Bars({ blocks, axis, tops, tints, nameOf, from, to, selected, tried }: BarsProps) {
  return blocks.map((block) => {
    if (!block.isHead || axis.x(block.end) < from || axis.x(block.start) > to) return null;
    const key = blockKey(block);
    return (
      <g
        key={key}
        data-block={key}
        tabIndex={0}
        role="button"
        aria-label={labelOf(block, nameOf)}
        className="cursor-grab outline-none"
      >
        <Block
          block={block}
          axis={axis}
          tops={tops}
          tint={tints.get(block.batch) ?? 0}
          name={batchesInWords(block, nameOf)}
          isSelected={key === selected}
          isDim={key === tried}
        />
      </g>
    );
  });
});

const labelOf = (block: PlanBlock, nameOf: (batch: string) => string) =>
  `${block.step.name} of ${batchesInWords(block, nameOf)}, from ${clockInWords(block.start)}`;

interface BlockProps {
  readonly block: PlanBlock;
  readonly axis: Axis;
  readonly tops: Tops;
  readonly tint: number;
  readonly name: string;
  readonly isSelected: boolean;
  readonly isDim: boolean;
}

/** Attended work in the maker's lane, stretch by stretch; in the station's lane for as long as the station is held. */
const Block = memo(function Block({ block, axis, tops, tint, name, isSelected, isDim }: BlockProps) {
  const lane = block.maker === null ? undefined : tops.of.get(`maker ${block.maker}`);
  const station = tops.of.get(`station ${block.step.station}`);
  const label = `${block.step.name}, ${name}`;
  return (
    <g opacity={isDim ? 0.4 : 1}>
      <title>{`${label}, ${clockInWords(block.start)} to ${clockInWords(block.end)}`}</title>
      {lane !== undefined &&
        block.attended.map(([begin, end]) => {
          const x = axis.x(begin);
          const width = Math.max(1.5, axis.x(end) - x - 1);
          return (
            <g key={begin}>
              <rect
                className={`tint-${String(tint)}`}
                x={x}
                y={HEAD + lane + 3}
                width={width}
                height={LANE - 8}
                strokeWidth={isSelected ? 2.6 : block.state ? 2 : 1}
              />
              {width > LEAST_WORDS_PX && (
                <text x={x + 4} y={HEAD + lane + LANE / 2 + 3} fontSize={13} fill="var(--ink)" pointerEvents="none">
                  {fittedText(
                    block.state === 'pinned' ? [`pinned: ${label}`, 'pinned'] : [label, block.step.name],
                    width,
                  )}
                </text>
              )}
            </g>
          );
        })}
      {station !== undefined && block.end > block.start && (
        <>
          <rect
            className={`tint-${String(tint)}`}
            x={axis.x(block.start)}
            y={HEAD + station + 4}
            width={Math.max(1, axis.x(block.attendedEnd) - axis.x(block.start))}
            height={STATION - 9}
            strokeWidth={isSelected ? 2.4 : 0.8}
          />
          {block.end > block.attendedEnd && (
            <rect
              className={`tint-${String(tint)}`}
              x={axis.x(block.attendedEnd)}
              y={HEAD + station + 4}
              width={Math.max(1.5, axis.x(block.end) - axis.x(block.attendedEnd) - 1)}
              height={STATION - 9}
              strokeWidth={isSelected ? 2.4 : 1}
              strokeDasharray="4 3"
              fillOpacity={0.4}
            />
          )}
        </>
      )}
    </g>
  );
});

/** Names of the bars that are too narrow for them, below the bars of each maker. */
export const Names = memo(function Names({
  blocks,
  axis,
  tops,
  from,
  to,
}: Pick<BarsProps, 'blocks' | 'axis' | 'tops' | 'from' | 'to'>) {
  const named = useMemo(() => (tops.hasNames ? namesOf(blocks, axis, tops) : []), [blocks, axis, tops]);
  return named.map(({ key, name, x, y }) => {
    const width = textWidth(name);
    if (x + width < from || x > to) return null;
    return (
      <g key={key} pointerEvents="none">
        <rect x={x - 1} y={y - 12} width={width} height={15} fill="var(--page)" />
        <text x={x} y={y} fontSize={12.5} fill="var(--ink)">
          {name}
        </text>
      </g>
    );
  });
});

function namesOf(blocks: readonly PlanBlock[], axis: Axis, tops: Tops) {
  return [...tops.of].flatMap(([lane, top]) => {
    if (!lane.startsWith('maker ')) return [];
    const own = blocks.filter(({ maker, isHead }) => isHead && `maker ${maker ?? ''}` === lane);
    const bars = own.flatMap((block) => {
      const [first] = block.attended;
      if (!first) return [];
      const x = axis.x(first[0]);
      return [{ key: blockKey(block), x, width: axis.x(first[1]) - x, name: block.step.name }];
    });
    const { names } = placeNames(bars, axis.width + 30, NAME_ROWS);
    return bars.flatMap(({ key, name }, at) => {
      const placed = names[at];
      return placed && placed.row > 0
        ? [{ key, name, x: placed.x, y: HEAD + top + LANE + placed.row * NAME_ROW - 5 }]
        : [];
    });
  });
}

export function Ghost({ trial: { block, maker, start }, axis, tops }: { trial: Trial; axis: Axis; tops: Tops }) {
  const lane = maker === null ? tops.of.get(`station ${block.step.station}`) : tops.of.get(`maker ${maker}`);
  const length = block.step.attendedMin > 0 ? block.step.attendedMin : block.end - block.start;
  const x = axis.x(start);
  return (
    <g pointerEvents="none">
      <rect
        x={x}
        y={HEAD + (lane ?? 0) + 1}
        width={Math.max(4, axis.x(start + length) - x)}
        height={(maker === null ? STATION : LANE) - 4}
        fill="none"
        stroke="var(--act)"
        strokeWidth={2.5}
        strokeDasharray="6 3"
      />
      <text x={x} y={HEAD + (lane ?? 0) - 2} fontSize={13} fontWeight={650} fill="var(--act)">
        {clockInWords(start)}
      </text>
    </g>
  );
}
