import type { Colour, Condition, Fastness, UpholsteryCode } from '@feverfew/knowledge';
import type { LabelSign } from '../textile/careLabel.js';

/** The fact that set a limit. */
export type LimitOwner =
  | { readonly kind: 'fibre'; readonly fibreId: string; readonly sharePct: number; readonly part: string }
  | { readonly kind: 'label'; readonly sign: LabelSign; readonly tempC?: number | undefined }
  | { readonly kind: 'noLabel' }
  | { readonly kind: 'code'; readonly code: UpholsteryCode }
  | { readonly kind: 'item'; readonly itemId: string }
  | { readonly kind: 'colour'; readonly colour: Colour; readonly fastness: Fastness }
  | { readonly kind: 'condition'; readonly condition: Condition }
  | { readonly kind: 'soil'; readonly componentId: string }
  | { readonly kind: 'metal' }
  | { readonly kind: 'weight'; readonly massG: number }
  | { readonly kind: 'tried'; readonly agentId: string }
  | { readonly kind: 'part'; readonly partId: string }
  | { readonly kind: 'position'; readonly positionId: string };
