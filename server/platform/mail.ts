import nodemailer from 'nodemailer';
import type { Task } from './jobs.ts';
import { findMessage, type Message, markMessage, SEND_MAIL } from './messages.ts';
import { type OutwardSettings, readOutward } from './outward.ts';
import { Refusal } from './refusal.ts';

/** How messages leave. */
export interface MailSettings extends OutwardSettings {
  /** Where they are handed to; null: they are kept, and read in the post room alone. */
  readonly smtp: URL | null;
  /** What links begin with where neither the server's settings nor the set-up says. */
  readonly otherwise: URL;
  /** How long the other side may say nothing, where it is another time than usual. */
  readonly patienceMs?: number;
}

const ESCAPES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};
const escapeMarkup = (text: string): string => text.replace(/[&<>"']/g, (sign) => ESCAPES[sign] ?? sign);

/** Where a message's link leads, whole; null where it has none, or its secret is known no longer. */
export const hrefOf = ({ link, secret }: Pick<Message, 'link' | 'secret'>, address: URL): string | null => {
  if (!link) return null;
  const href = new URL(link.path, address);
  // Behind the number sign: a browser sends that to no server, and in no Referer (RFC 9110, section 10.1.3).
  if (secret !== null) href.hash = secret;
  return href.href;
};

/** A message as text, and with the little markup that it has. */
export const bodiesOf = (message: Message, address: URL): { readonly text: string; readonly html: string } => {
  const href = hrefOf(message, address);
  const paragraphs = message.words.map((each) => escapeMarkup(each).replaceAll('\n', '<br>'));
  const label = escapeMarkup(message.link?.label ?? '');
  return {
    text: [...message.words, ...(href === null ? [] : [`${message.link?.label}:\n${href}`])].join('\n\n'),
    html: [
      ...paragraphs.map((each) => `<p>${each}</p>`),
      ...(href === null ? [] : [`<p><a href="${escapeMarkup(href)}">${label}</a></p>`]),
    ].join('\n'),
  };
};

/** What the other side says that no later try would change (RFC 5321, section 4.2.1: a reply that begins with 5). */
const isFinal = (error: unknown): boolean =>
  error instanceof Error &&
  'responseCode' in error &&
  typeof error.responseCode === 'number' &&
  error.responseCode >= 500;

/** How long the other side may take to be there, to greet, and to answer. */
const patience = (ms = 20_000) => ({
  connectionTimeout: Math.min(ms, 5_000),
  greetingTimeout: Math.min(ms, 5_000),
  socketTimeout: ms,
});

/** The job that sends a message: once, as far as the other side can be asked; tried again while it is down or slow. */
export const sendMail = (settings: MailSettings): Task => {
  const { smtp, patienceMs, otherwise } = settings;
  const transport = smtp
    ? nodemailer.createTransport({
        url: smtp.href,
        ...patience(patienceMs),
        disableFileAccess: true,
        disableUrlAccess: true,
      })
    : null;
  return {
    name: SEND_MAIL,
    run: async ({ db, job }) => {
      const id = messageIn(job.payload);
      const message = await findMessage(db, id);
      if (!message || message.state === 'sent') return {};
      if (!transport) {
        await markMessage(db, id, 'kept');
        return {};
      }
      const { from, address } = await readOutward(db, settings, otherwise);
      try {
        await transport.sendMail({
          // The same with every try: who was handed it twice can tell.
          messageId: `<${id}@${address.hostname}>`,
          from,
          // An address that is written as text is read as several.
          to: { name: message.toName, address: message.toAddress },
          subject: message.subject,
          date: message.at,
          ...bodiesOf(message, address),
        });
      } catch (error) {
        if (isFinal(error)) {
          await markMessage(db, id, 'failed', 'The mail server does not take it.');
          throw new Refusal('invalid', 'The mail server does not take it.');
        }
        await markMessage(db, id, 'waiting', 'The mail server could not be reached, or asks to try again later.');
        throw error;
      }
      await markMessage(db, id, 'sent');
      return {};
    },
  };
};

const messageIn = (payload: unknown): string =>
  typeof payload === 'object' && payload !== null && 'message' in payload ? String(payload.message) : '';
