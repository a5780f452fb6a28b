import { createServer } from 'node:http';
import { simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';
import { closed, listening, portOf } from './listening';

/** A mail as it arrived. */
export interface ReceivedMail {
  readonly to: string;
  readonly from: string;
  readonly subject: string;
  readonly text: string;
  readonly at: Date;
}

export interface MailServer {
  /** Where mail is handed over. */
  readonly smtp: string;
  /** Where what arrived can be read. */
  readonly page: string;
  readonly mails: readonly ReceivedMail[];
  stop(): Promise<void>;
}

const MOST_KEPT = 500;

/**
 * A small mail server that takes everything, sends nothing on, and shows what it received on a page of its own.
 * @param pagePort where that page is; 0 for any free port
 */
export async function startMailServer(pagePort = 0): Promise<MailServer> {
  const mails: ReceivedMail[] = [];
  const smtp = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS', 'AUTH'],
    logger: false,
    onData(stream, session, callback) {
      simpleParser(stream).then(
        (parsed) => {
          const to = session.envelope.rcptTo.map((one) => one.address).join(', ');
          mails.unshift({
            to,
            from: parsed.from?.text ?? '',
            subject: parsed.subject ?? '',
            text: parsed.text ?? '',
            at: new Date(),
          });
          mails.length = Math.min(mails.length, MOST_KEPT);
          callback();
        },
        (error: unknown) => callback(error instanceof Error ? error : new Error(String(error))),
      );
    },
  });
  const page = createServer((request, response) => {
    const json = request.url === '/mails.json';
    response.writeHead(200, {
      'content-type': json ? 'application/json' : 'text/html; charset=utf-8',
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'",
    });
    response.end(json ? JSON.stringify(mails) : pageOf(mails));
  });
  await new Promise<void>((resolve, reject) => {
    smtp.once('error', reject);
    smtp.listen(0, '127.0.0.1', resolve);
  });
  const pageAt = await listening(page, pagePort);
  return {
    smtp: `smtp://127.0.0.1:${portOf(smtp.server)}`,
    page: `http://127.0.0.1:${pageAt}`,
    mails,
    stop: async () => {
      await new Promise<void>((resolve) => smtp.close(() => resolve()));
      await closed(page);
    },
  };
}

function pageOf(mails: readonly ReceivedMail[]): string {
  const shown = mails.map(
    (mail) =>
      `<article><h2>${escaped(mail.subject)}</h2><p>to <b>${escaped(mail.to)}</b>, ${mail.at.toLocaleString('en-GB')}</p><pre>${linked(mail.text)}</pre></article>`,
  );
  return `<!doctype html><html lang="en"><meta charset="utf-8"><title>Mail that was received</title>
<style>body{font:16px/1.5 system-ui,sans-serif;max-width:44rem;margin:2rem auto;padding:0 1rem}article{border-top:2px solid #1e5743;padding:.5rem 0 1rem}pre{white-space:pre-wrap;font:inherit}</style>
<h1>${mails.length === 0 ? 'No mail was received yet' : `${mails.length} received`}</h1>${shown.join('')}</html>`;
}

function escaped(text: string): string {
  return text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);
}

function linked(text: string): string {
  return escaped(text).replace(/https?:\/\/[^\s&]+/g, (address) => `<a href="${address}">${address}</a>`);
}
