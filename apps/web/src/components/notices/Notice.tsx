import { chakra } from '@chakra-ui/react';
import { Info, OctagonAlert, Sprout, TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';
import { recipes } from '../../theme/recipes';

const Frame = chakra('div', recipes.notice);
const SHAPES = { note: Info, warning: TriangleAlert, danger: OctagonAlert, good: Sprout } as const;
const WORDS = { note: 'Note', warning: 'Careful', danger: 'Danger', good: 'Good' } as const;

/** A caution or remark: colour, shape and a word, never colour alone. */
export function Notice({
  kind,
  children,
  word,
  role,
}: {
  kind: keyof typeof SHAPES;
  children: ReactNode;
  word?: string;
  /** What went wrong after a tap is read out as soon as it is there. */
  role?: 'alert';
}) {
  const Shape = SHAPES[kind];
  return (
    <Frame kind={kind} role={role} display="flex" gap="2.5" alignItems="flex-start">
      <Shape size={20} strokeWidth={1.8} aria-hidden="true" style={{ flexShrink: 0, marginTop: 2 }} />
      <div>
        <strong>{word ?? WORDS[kind]}.</strong> {children}
      </div>
    </Frame>
  );
}
