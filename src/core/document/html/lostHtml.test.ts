import { expect, test } from 'vitest';
import { lostHtml } from './lostHtml';

test.each([
  ['<p>a <strong>b</strong></p>', ''],
  ['a <b>b</b> <i>c</i>', ''],
  ['<h1>a</h1><h6>b</h6>', ''],
  ['<ul><li>a</li></ul><table><tr><td>x</td></tr></table>', ''],
  ['<p onclick="x()" class="big">a</p>', 'class 1, onclick 1'],
  ['<script>x()</script><p>a</p><iframe src="https://a.example"></iframe>', '<iframe> 1, <script> 1, src 1'],
  ['<p style="color:red">a</p><p style="text-align:center">b</p>', 'style 1'],
  ['<center><font color="red">a</font></center>', '<center> 1, <font> 1, color 1'],
  ['<a href="javascript:x()">a</a>', '<a> 1, href 1'],
  ['<template><p>a</p></template>', '<template> 1'],
])('%s', (html, lost) => {
  expect(
    lostHtml(html)
      .map(({ what, count }) => `${what} ${count}`)
      .join(', '),
  ).toBe(lost);
});
