/** The codeplug table with the columns of every mode; apart from the other formats, since pages write it and may not load a schema compiler. */
import { codeplugCsv as codeplugCsvOf } from '../formats/codeplug-csv';
import { MODES } from './modes';

export const codeplugCsv = codeplugCsvOf(MODES);
