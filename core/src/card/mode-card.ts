import type { Plan } from '../plan/types';
import type { CardSection } from './section';

/** What is called in a mode, and how one leaves, for a card in the pocket. */
export type ModeCard = (plan: Plan) => Omit<CardSection, 'mode'>[];
