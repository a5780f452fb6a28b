import type { ReceivedMail } from '../../standins/mailServer';

/** What the tests' mail server has received for somebody, the latest first. */
export async function mailsTo(address: string): Promise<readonly ReceivedMail[]> {
  const page = process.env['PORCH_TEST_MAIL'] ?? '';
  const mails = (await (await fetch(`${page}/mails.json`)).json()) as readonly ReceivedMail[];
  return mails.filter((mail) => mail.to === address);
}

/** The path of the first address of ours that a mail holds. */
export function linkIn(mail: ReceivedMail | undefined): string {
  return new URL(/https?:\/\/\S+/.exec(mail?.text ?? '')?.[0] ?? 'http://127.0.0.1/nowhere').pathname;
}
