import { UNKNOWN_FIBRE_ID } from '@feverfew/knowledge';
import type { LimitOwner } from '../../finding/limitOwner.js';
import type { LabelSign } from '../../textile/careLabel.js';
import type { Lexicon } from '../round/lexicon.js';

const SIGN_WORDS: Readonly<Record<LabelSign, string>> = {
  wash: 'sewn-in label',
  usualWash: 'its usual label',
  handWash: 'hand-wash sign',
  washNever: 'crossed-out tub',
  bleachNever: 'crossed-out triangle',
  bleachAny: 'open triangle: any bleach',
  bleachOxygenOnly: 'striped triangle: oxygen only',
  tumbleLow: 'low tumble sign',
  tumbleNever: 'crossed-out dryer sign',
  shade: 'dry-in-shade sign',
  flat: 'dry-flat sign',
  dryCleanNever: 'crossed-out circle',
};

const CONDITION_WORDS = {
  sound: 'its sound state',
  worn: 'its worn state',
  thinning: 'its thinning cloth',
  torn: 'its tear',
  antique: 'its age',
  irreplaceable: 'being irreplaceable',
} as const;

/** The fact that set a limit, as a short label: "wool 20 %", "sewn-in label". */
export function ownerWords(owner: LimitOwner, say: Lexicon): string {
  switch (owner.kind) {
    case 'fibre':
      return owner.fibreId === UNKNOWN_FIBRE_ID
        ? 'fibre not known'
        : `${say.name(owner.fibreId)} ${owner.sharePct} %${owner.part === 'whole piece' ? '' : `, ${owner.part}`}`;
    case 'label':
      return SIGN_WORDS[owner.sign];
    case 'noLabel':
      return 'no label';
    case 'code':
      return owner.code === 'unknown' ? 'code not known' : `code ${owner.code}`;
    case 'item':
      return `${say.name(owner.itemId)}: how it is made`;
    case 'colour':
      return colourWords(owner.colour, owner.fastness);
    case 'condition':
      return CONDITION_WORDS[owner.condition];
    case 'part':
      return `its ${say.name(owner.partId)}`;
    case 'metal':
      return 'its metal parts: take them off';
    case 'weight':
      return `its weight: ${(owner.massG / 1000).toFixed(1)} kg dry is too much for a drum`;
    case 'tried':
      return `${say.name(owner.agentId)} that has been on it`;
    case 'position':
      return `the way followed: ${say.name(owner.positionId)}`;
    case 'soil':
      return `${say.name(owner.componentId)} in the mark`;
  }
}

function colourWords(colour: string, fastness: string): string {
  if (fastness === 'failed') return 'colour that has bled';
  if (colour === 'multicoloured')
    return fastness === 'proven' ? 'patterned cloth' : 'patterned cloth, not tested';
  if (colour === 'unknown') return 'colour not entered';
  return fastness === 'proven' ? `${colour} colour` : `${colour} colour, not tested`;
}
