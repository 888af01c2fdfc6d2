/**
 * Secrets of plans apart from their documents: a document and its history hold tokens, the secrets stand in a table of
 * their own, encrypted under a key that is kept beside the database's passwords (AES-256-GCM, NIST SP 800-38D).
 */
import { createCipheriv, createDecipheriv, randomBytes, randomUUID } from 'node:crypto';

const CIPHER = 'aes-256-gcm';
const NONCE_BYTES = 12;
const TAG_BYTES = 16;
const TOKEN = 'sealed:';

export interface SealedSecret {
  id: string;
  /** Nonce, tag and text, in base64. */
  sealed: string;
}

/** The secrets of one plan. What comes in is always a secret itself, what goes out never a token. */
export class Vault {
  private readonly secretOf = new Map<string, string>();
  private readonly tokenOf = new Map<string, string>();
  private fresh: SealedSecret[] = [];

  constructor(
    private readonly key: Uint8Array,
    private readonly planId: string,
    known: readonly SealedSecret[] = [],
  ) {
    for (const one of known) this.remember(one.id, this.decrypt(one.sealed) ?? '');
  }

  /** The token for a secret; a secret that is there already keeps its token. */
  seal(secret: string): string {
    const known = this.tokenOf.get(secret);
    if (known !== undefined) return known;
    const id = randomUUID();
    this.fresh.push({ id, sealed: this.encrypt(secret) });
    return this.remember(id, secret);
  }

  /** The secret of a token; empty for one whose secret is gone. */
  open(token: string): string {
    return this.secretOf.get(token) ?? '';
  }

  /** Secrets that were sealed since they were last taken: to be stored with what names them. */
  takeFresh(): SealedSecret[] {
    const { fresh } = this;
    this.fresh = [];
    return fresh;
  }

  private remember(id: string, secret: string): string {
    const token = `${TOKEN}${id}`;
    this.secretOf.set(token, secret);
    if (secret !== '') this.tokenOf.set(secret, token);
    return token;
  }

  private encrypt(secret: string): string {
    const nonce = randomBytes(NONCE_BYTES);
    const cipher = createCipheriv(CIPHER, this.key, nonce).setAAD(Buffer.from(this.planId));
    const text = Buffer.concat([cipher.update(secret, 'utf8'), cipher.final()]);
    return Buffer.concat([nonce, cipher.getAuthTag(), text]).toString('base64');
  }

  /**
   * `null` for what was not sealed under this key for this plan: the key was lost, and the plan goes on without the
   * secret.
   */
  private decrypt(sealed: string): string | null {
    const bytes = Buffer.from(sealed, 'base64');
    try {
      const decipher = createDecipheriv(CIPHER, this.key, bytes.subarray(0, NONCE_BYTES))
        .setAAD(Buffer.from(this.planId))
        .setAuthTag(bytes.subarray(NONCE_BYTES, NONCE_BYTES + TAG_BYTES));
      const rest = bytes.subarray(NONCE_BYTES + TAG_BYTES);
      return Buffer.concat([decipher.update(rest), decipher.final()]).toString('utf8');
    } catch {
      return null;
    }
  }
}

/** Whether a text of JSON may hold a token. */
export const holdsToken = (json: string): boolean => json.includes(`"${TOKEN}`);
