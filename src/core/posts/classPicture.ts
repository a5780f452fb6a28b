/** A picture that a class can find again, as one person of it may see it. */
export interface ClassPicture {
  readonly id: string;
  /** 64 bits as 16 hexadecimal digits. */
  readonly perceptualHash: string;
  readonly description: string;
  readonly caption: string;
  readonly credit: string;
  /** Who may use it; empty where nobody has said. */
  readonly licence: string;
  /** Whose it is, by the name that the class knows. */
  readonly by: string;
  readonly own: boolean;
  /** Whether whoever looks may put it into a post of their own. */
  readonly choosable: boolean;
  readonly labels: readonly string[];
  /** The titles of the posts that show it, as far as the class can read them. */
  readonly shownIn: readonly string[];
}
