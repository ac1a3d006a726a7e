import { once } from 'node:events';
import { type ParsedMail, simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';

/** How a mail server of a test behaves. */
export type Manner = 'takes' | 'asks to wait' | 'refuses' | 'refuses the address' | 'hangs';

/** A mail server on loopback that speaks SMTP, and keeps what it was handed. */
export class MailServer {
  readonly #server: SMTPServer;
  #manner: Manner = 'takes';
  readonly taken: ParsedMail[] = [];
  /** Whom each message was for, as the conversation said. */
  readonly recipients: string[] = [];
  /** How many messages it was offered, whatever became of them. */
  offered = 0;
  readonly #waiting: { readonly holds: () => boolean; readonly resolve: () => void }[] = [];

  private constructor() {
    const refusal = (code: number, text: string) => Object.assign(new Error(text), { responseCode: code });
    this.#server = new SMTPServer({
      authOptional: true,
      disabledCommands: ['AUTH', 'STARTTLS'],
      onRcptTo: ({ address }, _session, answer) => {
        if (this.#manner === 'refuses the address') {
          this.#offer();
          return answer(refusal(550, 'no such mailbox'));
        }
        this.recipients.push(address);
        return answer();
      },
      onData: (stream, _session, answer) => {
        simpleParser(stream).then((mail) => {
          if (this.#manner === 'takes') this.taken.push(mail);
          this.#offer();
          if (this.#manner === 'asks to wait') answer(refusal(451, 'try again later'));
          else if (this.#manner === 'refuses') answer(refusal(554, 'not here'));
          else if (this.#manner === 'takes') answer();
        }, answer);
      },
    });
    // A connection that breaks is the other side's to mind.
    this.#server.on('error', () => undefined);
  }

  static async start(port = 0): Promise<MailServer> {
    const server = new MailServer();
    server.#server.listen(port, '127.0.0.1');
    await once(server.#server.server, 'listening');
    return server;
  }

  get url(): URL {
    const address = this.#server.server.address();
    if (typeof address !== 'object' || !address) throw new Error('no address');
    return new URL(`smtp://127.0.0.1:${address.port}`);
  }

  behave(manner: Manner): void {
    this.#manner = manner;
  }

  #offer(): void {
    this.offered += 1;
    for (const each of this.#waiting) if (each.holds()) each.resolve();
  }

  /** Waits until it was offered so many messages in all. */
  until(offered: number): Promise<void> {
    if (this.offered >= offered) return Promise.resolve();
    return new Promise((resolve) => this.#waiting.push({ holds: () => this.offered >= offered, resolve }));
  }

  stop(): Promise<void> {
    return new Promise((resolve) => this.#server.close(resolve));
  }
}
