import type { CareLabel } from '@feverfew/contracts';
import type { ReactNode } from 'react';

function Frame({ label, crossed, children }: { label: string; crossed?: boolean; children: ReactNode }) {
  return (
    <svg
      width="34"
      height="30"
      viewBox="0 0 34 30"
      role="img"
      aria-label={label}
      fill="none"
      stroke="currentColor"
      strokeWidth="1.6"
      strokeLinejoin="round"
      strokeLinecap="round"
    >
      {children}
      {crossed && <path d="M4 3 L30 27 M30 3 L4 27" />}
    </svg>
  );
}

const TUB = <path d="M2.5 5 L6 23 H28 L31.5 5 M3 6.5 q3.5 -2.4 7 0 t7 0 t7 0 t7 0" />;

/** Signs of the published care code, in our own plain line. */
export function WashSign({ wash }: { wash: NonNullable<CareLabel['wash']> }) {
  if (wash.kind === 'never')
    return (
      <Frame label="do not wash" crossed>
        {TUB}
      </Frame>
    );
  if (wash.kind === 'hand')
    return (
      <Frame label="hand wash">
        {TUB}
        <path d="M12 20 q-3 -4 0 -5 l9 -1 q2 1 0 2 l-4 0.5 M21 15.5 l2 -3" />
      </Frame>
    );
  return (
    <Frame label={`wash at ${wash.maxC} °C`}>
      {TUB}
      <text
        x="17"
        y="20.5"
        textAnchor="middle"
        fontSize="10"
        fontWeight="700"
        fill="currentColor"
        stroke="none"
      >
        {wash.maxC}
      </text>
      {wash.bars > 0 && <path d="M8 26 H26" />}
      {wash.bars > 1 && <path d="M8 29 H26" />}
    </Frame>
  );
}

export function BleachSign({ bleach }: { bleach: NonNullable<CareLabel['bleach']> }) {
  const label = { any: 'any bleach', oxygenOnly: 'oxygen bleach only', never: 'no bleach' }[bleach];
  return (
    <Frame label={label} crossed={bleach === 'never'}>
      <path d="M17 4 L30 26 H4 Z" />
      {bleach === 'oxygenOnly' && <path d="M13 26 L21.5 11.5 M19 26 L24.5 16.5" />}
    </Frame>
  );
}

export function TumbleSign({ tumble }: { tumble: NonNullable<CareLabel['tumble']> }) {
  const label = { normal: 'tumble normal', low: 'tumble low', never: 'no tumble dryer' }[tumble];
  return (
    <Frame label={label} crossed={tumble === 'never'}>
      <rect x="5" y="3" width="24" height="24" />
      <circle cx="17" cy="15" r="9" />
      {tumble === 'low' && <circle cx="17" cy="15" r="1.4" fill="currentColor" />}
      {tumble === 'normal' && (
        <g fill="currentColor">
          <circle cx="14" cy="15" r="1.4" />
          <circle cx="20" cy="15" r="1.4" />
        </g>
      )}
    </Frame>
  );
}

const LINES = {
  line: 'M17 8 V22',
  drip: 'M14 8 V22 M20 8 V22',
  flat: 'M10 15 H24',
  dripFlat: 'M10 12 H24 M10 18 H24',
} as const;

export function DrySign({ natural }: { natural: NonNullable<CareLabel['natural']> }) {
  const label = { line: 'line dry', drip: 'drip dry', flat: 'dry flat', dripFlat: 'drip dry, flat' }[natural];
  return (
    <Frame label={label}>
      <rect x="5" y="3" width="24" height="24" />
      <path d={LINES[natural]} />
    </Frame>
  );
}

export function ShadeSign() {
  return (
    <Frame label="dry in shade">
      <rect x="5" y="3" width="24" height="24" />
      <path d="M5 13 L15 3 M5 20 L22 3" />
    </Frame>
  );
}

const DOTS = { low: [17], medium: [14, 20], high: [12, 17, 22], never: [] } as const;

export function IronSign({ iron }: { iron: NonNullable<CareLabel['iron']> }) {
  const label = { low: 'iron cool', medium: 'iron medium', high: 'iron hot', never: 'no iron' }[iron];
  return (
    <Frame label={label} crossed={iron === 'never'}>
      <path d="M3 24 Q4 13 15 12 H25 V8 H11 M25 12 L31 24 Z" />
      {DOTS[iron].map((x) => (
        <circle key={x} cx={x} cy="18" r="1.4" fill="currentColor" />
      ))}
    </Frame>
  );
}

/** The circle of professional care: P, F or W in it, or crossed out. */
export function CircleSign({ letter, crossed }: { letter: string; crossed: boolean }) {
  return (
    <Frame
      label={crossed ? `no ${letter === 'W' ? 'wet' : 'dry'} cleaning` : `circle ${letter}`}
      crossed={crossed}
    >
      <circle cx="17" cy="15" r="11" />
      <text
        x="17"
        y="19"
        textAnchor="middle"
        fontSize="11"
        fontWeight="700"
        fill="currentColor"
        stroke="none"
      >
        {letter}
      </text>
    </Frame>
  );
}
