import type { HopId, Path, Verdict } from '../path/types';

/** A path as one line high says it: how good it is, and where it breaks or is doubtful. */
export interface Strip {
  verdict: Verdict;
  at: HopId | null;
  /** The call passes and only the answer does not come back. */
  replyOnly: boolean;
}

/** What a traced path comes to, in one line. */
export function stripOf(path: Path): Strip {
  const callAt = path.call.verdict === path.verdict ? path.call.at : null;
  return {
    verdict: path.verdict,
    at: callAt ?? path.reply.at,
    replyOnly: path.verdict !== 'whole' && callAt === null,
  };
}
