/** The scenario that shows what a check says. Apart and small: a finding offers it before any scenario is loaded. */
export const SHOWN_BY: Readonly<Record<string, string>> = {
  'hang-time-short': 'mode-captured',
  'busy-link-locks-modes': 'busy-room',
  'linked-in-standby': 'standby-with-a-link',
  'rpt2-not-gateway': 'heard-but-not-reached',
  'ur-left-on-command': 'link-command-repeated',
  'wide-area-group-on-repeater': 'wide-group-on-a-repeater',
  'group-not-in-receive-list': 'own-group-not-in-the-list',
  'frequency-differs': 'borrowed-codeplug',
  'call-not-routed': 'second-network-without-rules',
  'private-rule-missing': 'private-unlink-without-a-rule',
  'voice-wide-to-bridge': 'wide-voice-cross-mode',
  'slot-on-simplex': 'wrong-slot-on-simplex',
};
