import { LOOKS, BANNERS, LETTERINGS } from '../../core/looks/looks';
import { deed } from '../deed';

/** Gives a class blog its colours, banner and typefaces. */
export const changeLook = deed({
  name: 'changeLook',
  on: 'class',
  action: 'class.change',
  fields: {
    look: { enum: LOOKS },
    banner: { enum: BANNERS },
    lettering: { enum: LETTERINGS },
  },
}).answers<null>();
