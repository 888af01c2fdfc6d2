import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { markWritten } from '../compare/written';
import { validatePlan } from '../plan/validate';
import { edit } from '../plan/edit';
import { rows } from '../plan/table';
import type { Plan } from '../plan/types';
import { samplePlan } from '../testing/sample-plan';
import { followSteps, removeStep, renameStep, sortSteps } from './power-steps';

const powers = (plan: Plan) => rows(plan.codeplugs['r1']!.channels).map(({ power }) => power);
const steps = (plan: Plan) => plan.radios.byId['r1']!.power;

describe('steps of power', () => {
  it('keep their channels, what was written, the keys and the rules when they are called otherwise', () => {
    const before = samplePlan((plan) => {
      markWritten(plan, 'r1', '2026-11-27T12:00:00.000Z');
      plan.radios.byId['r1']!.keying = {
        before: '',
        routines: [
          {
            stores: 'channel',
            opens: [],
            closes: [],
            fields: [
              {
                sets: 'power',
                begins: ['F 7'],
                entry: {
                  kind: 'turn',
                  next: 'UP',
                  previous: null,
                  wraps: true,
                  choices: [
                    { value: 'low', shown: 'LO' },
                    { value: 'high', shown: 'HI' },
                  ],
                },
                ends: ['OK'],
                shows: '{value}',
                when: { sets: 'power', is: ['low'] },
                trap: '',
              },
            ],
            write: {
              begins: ['M'],
              offers: 'first free',
              entry: { kind: 'turn', next: 'UP', previous: 'DOWN' },
              ends: ['M'],
              timeOutS: null,
              trap: '',
            },
            erases: [],
            first: 1,
            last: 100,
          },
        ],
      };
      plan.channelRules = {
        byId: {
          own: {
            id: 'own',
            radioId: 'r1',
            purpose: null,
            place: 'hotspot',
            fromM: null,
            belowM: null,
            set: { power: 'low' },
          },
          all: {
            id: 'all',
            radioId: null,
            purpose: null,
            place: 'hotspot',
            fromM: null,
            belowM: null,
            set: { power: 'low' },
          },
        },
        order: ['own', 'all'],
      };
    });
    const { plan } = edit(before, (draft) => renameStep(draft, 'r1', 'Low', 'Eco'));
    expect(validatePlan(plan).problems).toEqual([]);
    expect(steps(plan).map(({ name }) => name)).toEqual(['Eco', 'high']);
    const as = (power: string) => (power === 'low' ? 'Eco' : power);
    expect(powers(plan)).toEqual(powers(before).map(as));
    expect(new Set(rows(plan.written['r1']!.channels).map(({ power }) => power))).toEqual(
      new Set(rows(before.written['r1']!.channels).map(({ power }) => as(power))),
    );
    const [field] = plan.radios.byId['r1']!.keying!.routines[0]!.fields;
    expect(field).toMatchObject({ entry: { choices: [{ value: 'Eco' }, { value: 'high' }] }, when: { is: ['Eco'] } });
    expect(rows(plan.channelRules).map(({ set }) => set['power'])).toEqual(['Eco', 'low']);
  });

  it('leave their channels to the next lesser one, those of the least to the next', () => {
    const three = samplePlan((plan) => {
      plan.radios.byId['r1']!.power = ['low', 'Mid', 'high'].map((name) => ({ name, watts: null }));
      rows(plan.codeplugs['r1']!.channels).forEach((channel, at) => (channel.power = ['low', 'mid', 'high'][at % 3]!));
    });
    const without = (name: string) => edit(three, (draft) => removeStep(draft, 'r1', name)).plan;
    expect(powers(without('high')).slice(0, 3)).toEqual(['low', 'mid', 'Mid']);
    expect(powers(without('Mid')).slice(0, 3)).toEqual(['low', 'low', 'high']);
    expect(powers(without('low')).slice(0, 3)).toEqual(['Mid', 'mid', 'high']);
    const none = edit(three, (draft) => ['low', 'Mid', 'high'].forEach((name) => removeStep(draft, 'r1', name))).plan;
    expect(steps(none)).toEqual([]);
    expect(new Set(powers(none).map((power) => power.toLowerCase()))).toEqual(new Set(['high']));
    expect(without('nothing')).toEqual(three);
  });

  it('are those of the kind that a radio becomes: at the same place where it has none of that name', () => {
    const before = samplePlan((plan) => {
      rows(plan.codeplugs['r1']!.channels).forEach((channel, at) => (channel.power = ['low', 'high', 'odd'][at % 3]!));
    });
    const as = (...names: string[]) =>
      powers(
        edit(before, (draft) => {
          const radio = draft.radios.byId['r1']!;
          const { power } = radio;
          radio.power = names.map((name) => ({ name, watts: null }));
          followSteps(draft, 'r1', power);
        }).plan,
      ).slice(0, 3);
    expect(as('Eco', 'Mid', 'Full')).toEqual(['Eco', 'Full', 'odd']);
    expect(as('low', 'Mid', 'Full')).toEqual(['low', 'Full', 'odd']);
    expect(as('low', 'middle', 'high')).toEqual(['low', 'high', 'odd']);
    expect(as()).toEqual(['low', 'high', 'odd']);
  });

  it('stand by their watts, those that are not known where they are', () => {
    const watts = fc.option(fc.integer({ min: 1, max: 50 }), { nil: null });
    fc.assert(
      fc.property(fc.array(watts, { maxLength: 30 }), (all) => {
        const radio = { power: all.map((one, at) => ({ name: `s${at}`, watts: one })) };
        const unknown = radio.power.flatMap(({ name, watts: of }, at) => (of === null ? [[name, at]] : []));
        sortSteps(radio);
        const known = radio.power.flatMap(({ watts: of }) => (of === null ? [] : [of]));
        expect(known).toEqual([...known].sort((a, b) => a - b));
        expect(radio.power.flatMap(({ name, watts: of }, at) => (of === null ? [[name, at]] : []))).toEqual(unknown);
      }),
    );
  });
});
