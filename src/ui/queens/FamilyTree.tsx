'use client';

import { hierarchy, tree } from 'd3-hierarchy';
import Link from 'next/link';
import { useRef } from 'react';
import type { Family } from '../../core/queens/family';
import type { QueenLineView } from '../../views/queens-view';
import { QueenMark } from './QueenMark';

/** A generation stands this far from the next, a sister from the next; px. */
const GENERATION = 250;
const SISTER = 62;
const NAME_WIDE = 220;
const EDGE = 8;

/** A mother with her daughters, and theirs: one generation beside the other. The arrow keys go up, down, to the mother and to a daughter. */
export function FamilyTree({ family }: { readonly family: Family<QueenLineView> }) {
  const box = useRef<HTMLDivElement>(null);
  const root = tree<Family<QueenLineView>>().nodeSize([SISTER, GENERATION])(
    hierarchy(family, ({ daughters }) => [...daughters]),
  );
  const nodes = root.descendants();
  const top = Math.min(...nodes.map(({ x }) => x));
  const height = Math.max(...nodes.map(({ x }) => x)) - top + SISTER;
  const width = Math.max(...nodes.map(({ y }) => y)) + NAME_WIDE + EDGE;
  const placeOf = ({ x, y }: { x: number; y: number }) => ({ left: y, top: x - top });
  const walk = (event: React.KeyboardEvent, at: number) => {
    const node = nodes[at];
    const sisters = nodes.filter(({ depth }) => depth === node?.depth);
    const beside = (by: number) => node && sisters[sisters.indexOf(node) + by];
    const to = {
      ArrowLeft: node?.parent,
      ArrowRight: node?.children?.[0],
      ArrowUp: beside(-1),
      ArrowDown: beside(1),
    }[event.key];
    if (!to) return;
    event.preventDefault();
    box.current?.querySelector<HTMLAnchorElement>(`[data-queen="${to.data.queen.id}"]`)?.focus();
  };
  return (
    <div ref={box} className="mt-2 overflow-x-auto border-2 border-line bg-paper">
      <div className="relative" style={{ width, height }}>
        <svg aria-hidden="true" width={width} height={height} className="absolute inset-0">
          {root.links().map(({ source, target }) => {
            const [a, b] = [placeOf(source), placeOf(target)];
            const [x0, y0] = [a.left + NAME_WIDE - EDGE, a.top + SISTER / 2];
            const [x1, y1] = [b.left, b.top + SISTER / 2];
            return (
              <path
                key={target.data.queen.id}
                d={`M${x0} ${y0} H${(x0 + x1) / 2} V${y1} H${x1}`}
                className="fill-none stroke-muted"
                strokeWidth="2"
              />
            );
          })}
        </svg>
        <ul>
          {nodes.map((node, i) => {
            const { id, name, where, year } = node.data.queen;
            return (
              <li
                key={id}
                className="absolute flex items-center px-2"
                style={{ ...placeOf(node), width: NAME_WIDE, height: SISTER }}
              >
                <Link
                  prefetch={false}
                  href={`/colonies/queens/${id}`}
                  data-queen={id}
                  className="block bg-paper leading-tight"
                  onKeyDown={(event) => walk(event, i)}
                >
                  <span className="inline-flex items-center gap-x-1.5 font-semibold">
                    <QueenMark year={year} />
                    {where}
                  </span>
                  <span className="text-muted block text-sm">{name}</span>
                </Link>
              </li>
            );
          })}
        </ul>
      </div>
    </div>
  );
}
