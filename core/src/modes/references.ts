/** What of a network's rows and a plan's links only its mode knows: which tables there are, and what a destination needs. */
import type { ModeReferences } from '../plan/broken';
import type { NetworkModeId } from '../plan/types';
import { references as c4fm } from './c4fm/references';
import { references as dmr } from './dmr/references';
import { references as dstar } from './dstar/references';
import { references as p25 } from './p25/references';

export const REFERENCES: { readonly [M in NetworkModeId]: ModeReferences<M> } = { dmr, dstar, c4fm, p25 };
