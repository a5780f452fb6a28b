import { createTransport } from 'nodemailer';
import { getSettings } from '../settings/settings';

/** A mail to one person, in plain text. */
export interface Mail {
  readonly to: string;
  readonly subject: string;
  readonly text: string;
}

const PATIENCE = 20_000;

/** Hands a mail over by SMTP. @throws where the server cannot be reached or refuses it */
export async function deliver({ to, subject, text }: Mail, id: string): Promise<void> {
  const { mailServer, mailFrom } = getSettings();
  const transport = createTransport({
    url: mailServer,
    connectionTimeout: PATIENCE,
    greetingTimeout: PATIENCE,
    socketTimeout: PATIENCE,
  });
  try {
    await transport.sendMail({
      from: mailFrom,
      // An address is data, never a list: nobody else is written to by what stands in it.
      to: { name: '', address: to },
      subject,
      text,
      messageId: `<${id}@${mailFrom.replace(/^.*@|>.*$/g, '')}>`,
      disableFileAccess: true,
      disableUrlAccess: true,
    });
  } finally {
    transport.close();
  }
}
