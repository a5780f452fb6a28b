import { deliver, type Mail } from '../../ground/mail/transport';

/** Hands a mail to the server. Its id is made of the job's, so that a mail sent twice can be told to be one. */
export async function sendMail(mail: Mail, jobId: string): Promise<void> {
  await deliver(mail, jobId);
}
