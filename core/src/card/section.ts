/** What a mode writes onto the pocket card. */
export interface CardLine {
  /** As it is entered on the radio. */
  enter: string;
  name: string;
  /** What else is worth knowing in the field; may be empty. */
  note: string;
}

export interface CardSection {
  mode: string;
  title: string;
  lines: CardLine[];
  /** The way out, in a sentence. */
  out: string;
}
