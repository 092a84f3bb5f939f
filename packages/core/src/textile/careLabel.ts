/**
 * A care label as ISO 3758 structures it. `null` on a sign means it is missing or unreadable.
 * Bars under the tub: 0 normal, 1 mild, 2 very mild.
 */
export interface CareLabel {
  wash:
    | { readonly kind: 'machine'; readonly maxC: 30 | 40 | 50 | 60 | 70 | 95; readonly bars: 0 | 1 | 2 }
    /** `maxC` if the tag says cold next to the hand sign; otherwise the sign's own 40 °C. */
    | { readonly kind: 'hand'; readonly maxC?: 30 | undefined }
    | { readonly kind: 'never' }
    | null;
  bleach: 'any' | 'oxygenOnly' | 'never' | null;
  tumble: 'normal' | 'low' | 'never' | null;
  natural: 'line' | 'drip' | 'flat' | 'dripFlat' | null;
  shade: boolean;
  iron: 'high' | 'medium' | 'low' | 'never' | null;
  dryClean: 'P' | 'F' | 'never' | null;
  /** Bars under the circle: 0 normal, 1 mild, 2 very mild process. */
  dryCleanBars: 0 | 1 | 2;
  wetClean: 'W' | 'never' | null;
  wetCleanBars: 0 | 1 | 2;
}

export type LabelSign =
  | 'wash'
  /** Not read: taken as such a piece usually has it. */
  | 'usualWash'
  | 'handWash'
  | 'washNever'
  | 'bleachNever'
  | 'bleachOxygenOnly'
  | 'bleachAny'
  | 'tumbleLow'
  | 'tumbleNever'
  | 'shade'
  | 'flat'
  | 'dryCleanNever';

/** A tag of which nothing can be read yet. */
export const BLANK_LABEL: CareLabel = {
  wash: null,
  bleach: null,
  tumble: null,
  natural: null,
  shade: false,
  iron: null,
  dryClean: null,
  dryCleanBars: 0,
  wetClean: null,
  wetCleanBars: 0,
};

/** Hung or laid dripping: no spin, no wringing. */
export const dripsDry = (label: Pick<CareLabel, 'natural'> | null): boolean =>
  label?.natural === 'drip' || label?.natural === 'dripFlat';

/** Laid flat, never hung wet. */
export const driesFlat = (label: Pick<CareLabel, 'natural'> | null): boolean =>
  label?.natural === 'flat' || label?.natural === 'dripFlat';

/** An iron with one to three dots, ISO 3758; a tag that does not show an iron allows nothing. */
export const allowsIron = (label: Pick<CareLabel, 'iron'> | null): boolean =>
  label !== null && label.iron !== null && label.iron !== 'never';

/** ISO 3758: one dot is without steam; a crossed-out iron is without iron and steam. */
export const barsSteam = (label: Pick<CareLabel, 'iron'> | null): boolean =>
  label?.iron === 'never' || label?.iron === 'low';

/** The tag allows a wash, by machine or by hand. */
export const allowsWash = (label: CareLabel | null): boolean =>
  label?.wash?.kind === 'machine' || label?.wash?.kind === 'hand';
