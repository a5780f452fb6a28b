import { describe, expect, test } from 'vitest';
import { saysWhereItLeads } from './descriptiveText';

const ADDRESS = 'https://www.clouds.example/chart/cirrus';

describe('what says nothing about where a link leads', () => {
  test.each([
    '',
    '   ',
    '…',
    '→',
    '🔗',
    'here',
    'Here.',
    '“here”',
    '(click here)',
    'CLICK HERE!',
    'click',
    'link',
    'this',
    'this link',
    'This  page',
    'this site',
    'page',
    'site',
    'website',
    'more',
    'Read more …',
    'see more »',
    'hier',
    'Hier klicken',
    'mehr',
    'Weiterlesen',
    'ici',
    'Cliquez ici',
    'lien',
    'En savoir plus',
    'aquí',
    'aqui',
    'Haz clic aquí',
    'enlace',
    'Leer más',
    'https://anything.example',
    'http://x',
    'www.anything.example',
    'https://www.clouds.example/chart/cirrus',
    'clouds.example',
    'www.clouds.example',
    'Clouds.example/chart',
    'clouds.example/chart/cirrus/',
    'clouds',
  ])('%j', (text) => {
    expect(saysWhereItLeads(text, ADDRESS)).toBe(false);
  });
});

describe('what tells a reader where it leads', () => {
  test.each([
    'the cloud chart',
    'here is the chart',
    'more clouds',
    'read more about cirrus',
    'sky.example',
    'this page about ice',
    'page 3',
    'Wolken',
    '雲',
    'cirrus',
  ])('%j', (text) => {
    expect(saysWhereItLeads(text, ADDRESS)).toBe(true);
  });
});
