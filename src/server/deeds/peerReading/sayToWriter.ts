import {
  givePeerReading as giveDeed,
  openPeerReading as openDeed,
  takeBackPeerWords as takeBackDeed,
  thankPeer as thankDeed,
} from '../../../contract/peerReading/givePeerReading';
import { keepPeerWords as keepDeed } from '../../../contract/peerReading/keepPeerWords';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import {
  countPeerWords,
  deletePeerWords,
  markPeerGiven,
  markPeerOpened,
  markUseful,
  takeBackWords,
  upsertPeerWords,
} from '../../tables/peerReadings';
import { peerReadingUseCase, whyOver } from './peerReadingUseCase';

/** Nobody notes more about one text. */
const MOST_WORDS = 60;

export const openPeerReading = peerReadingUseCase(openDeed, {
  async run({ readingId }, _, { database, now }) {
    await markPeerOpened(database, readingId, now);
    return done(null);
  },
});

export const keepPeerWords = peerReadingUseCase(keepDeed, {
  async run({ readingId, name, anchor, words: typed }, reading, { database, now }) {
    const over = whyOver(reading);
    if (over) return refused(over);
    const words = typed.trim();
    if (words === '') {
      await deletePeerWords(database, readingId, name);
      return done(null);
    }
    const question = name.length === 1 ? Number(name) : null;
    if ((await countPeerWords(database, readingId)) >= MOST_WORDS) return refused('peer.tooMany');
    await upsertPeerWords(database, { readingId, name, question, anchor, words, keptAt: now });
    return done(null);
  },
});

export const givePeerReading = peerReadingUseCase(giveDeed, {
  async run({ readingId }, reading, { database, now }) {
    const over = whyOver(reading);
    if (over) return refused(over);
    if ((await countPeerWords(database, readingId)) === 0) return refused('peer.nothingSaid');
    await markPeerGiven(database, readingId, now);
    return done(null);
  },
});

export const thankPeer = peerReadingUseCase(thankDeed, {
  async run({ readingId, useful }, { givenAt }, { database }) {
    if (!givenAt) return NOT_THERE;
    await markUseful(database, readingId, useful);
    return done(null);
  },
});

export const takeBackPeerWords = peerReadingUseCase(takeBackDeed, {
  async run({ readingId, name }, _, { database, personId: by }) {
    return (await takeBackWords(database, { readingId, name, by })) > 0 ? done(null) : NOT_THERE;
  },
});
