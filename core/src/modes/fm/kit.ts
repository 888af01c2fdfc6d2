/** FM in the files of other people's programs. */
import type { ModeKit } from '../../kits/kit-field';

export const kit: ModeKit = {
  called: /\b[nw]?-?fm(-?[nw])?\b|analogu?e?|analogico|analogique|analoog|^(a|ana)$/,
  shownBy: ['width'],
  fields: [
    {
      id: 'width',
      title: 'Width of the channel',
      reads: {
        as: 'words',
        words: {
          '12.5':
            /^(12[.,]50?( ?k(hz)?)?|12500|n|nfm|fm-?n|narrow\w*|schmal\w*|etroite?|estrech\w*|strett\w*|smal|half)$/,
          '25': /^(25([.,]0+)?( ?k(hz)?)?|25000|20([.,]0+)?( ?k(hz)?)?|w|wfm|fm-?w|fm|wide\w*|breit\w*|weit|large|anch\w*|larg\w*|breed|full)$/,
        },
      },
      heading:
        /band ?width|bandbreite|\bwidth\b|largeur|ancho|larghezza|bandbreedte|spacing|raster|kanal(abstand|breite)|narrow|schmal|\bbw\b|espacement/,
      telling: 0.75,
      alone: (cells) => cells.some((cell) => /12|25|nar|wid|schmal|breit/i.test(cell)),
    },
  ],
  ofSite: ['tone-tx', 'tone-rx', 'width'],
  links: [],
  roles: [],
};
