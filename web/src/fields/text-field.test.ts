import { mount } from '@vue/test-utils';
import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { takeMHz, takeName, takeNumber, takeWhole, type Taken } from './field';
import TextField from './TextField.vue';

function field(take: (text: string) => Taken) {
  return mount(TextField, { props: { label: 'Frequency', value: '439.1250', take } });
}

describe('field', () => {
  it('hands on what was typed, and shows it as the plan has it', async () => {
    const put = vi.fn();
    const wrapper = field((text) => takeMHz(text, put));
    await wrapper.get('input').setValue('438,8');
    await wrapper.setProps({ value: '438.8000' });
    await nextTick();
    expect(put).toHaveBeenCalledWith(438_800_000);
    expect(wrapper.get('input').element.value).toBe('438.8000');
  });

  it('keeps what it cannot take, with the reason, and the value that was meant', async () => {
    const wrapper = field((text) => (text === 'B' ? null : { problem: 'No.', meant: 'B' }));
    await wrapper.get('input').setValue('REPEATER B');
    expect(wrapper.get('input').element.value).toBe('REPEATER B');
    expect(wrapper.get('input').attributes('aria-invalid')).toBe('true');
    expect(wrapper.get('[role="alert"]').text()).toContain('No.');
    await wrapper.get('[role="alert"] button').trigger('click');
    expect(wrapper.find('[role="alert"]').exists()).toBe(false);
  });

  it('does not lose what is being typed when the plan changes elsewhere', async () => {
    const wrapper = field(() => null);
    wrapper.get('input').element.value = '43';
    await wrapper.get('input').trigger('input');
    await wrapper.setProps({ value: '430.0000' });
    expect(wrapper.get('input').element.value).toBe('43');
    await wrapper.get('input').trigger('keydown', { key: 'Escape' });
    expect(wrapper.get('input').element.value).toBe('430.0000');
  });
});

describe('readings', () => {
  const put = vi.fn();
  it.each([
    [takeWhole('999 2417', 1, 9_999_999, put), null],
    [takeWhole('16', 0, 15, put), { problem: 'Found “16”, expected a whole number from 0 to 15.' }],
    [takeNumber('0,5', 0.1, 10, put), null],
    [takeNumber('', 0.1, 10, put), { problem: 'Found “”, expected a number from 0.1 to 10.' }],
    [takeName('  ', 60, put), { problem: 'Found nothing, expected a name.' }],
    [takeMHz('-1', put), { problem: 'Found “-1”, expected a frequency in MHz, such as 439.125.' }],
  ])('%# gives %j', (taken, expected) => expect(taken).toEqual(expected));
});
