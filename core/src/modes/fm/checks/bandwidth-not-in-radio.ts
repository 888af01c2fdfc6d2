import { valueCheck } from '../../../checks/value-check';

export const bandwidthNotInRadio = valueCheck({
  id: 'bandwidth-not-in-radio',
  severity: 'broken',
  title: 'The radio has not this FM width',
  mode: 'fm',
  fact: 'width-in-radio',
  hops: ['radio'],
  field: ['fm', 'widthHz'],
  docs: {
    summary: 'An FM channel has a width that its radio cannot be set to.',
    why: 'The radio cannot store or send such a channel.',
    remedy: 'Use a width the radio has, or say under Radios that it has this one.',
    source: { kind: 'common practice', name: 'widths are a property of the radio' },
  },
  messages: { lacks: 'The channel is {has} wide; {radio} has {expects}.' },
  data: ({ radio }, { expects }) => ({ radio: radio.name, ...(expects === null ? { expects: 'no FM width' } : {}) }),
  to: (_, { expects }) => expects ?? undefined,
  press: 'Set the width to {expects}',
});
