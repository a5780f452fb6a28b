import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import axe from 'axe-core';
import { Builder, By, error, Key, until, type WebElement } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome.js';
import { STUDENTS, TEACHERS } from '../../demo/people';
import { database } from '../../src/server/ground/database/database';

const PATIENCE = 20_000;
const HANDING_OVER = 200;
const FLAGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

export const CLASS_CODE = 'QUAY2418';
export const SMALL_CLASS_CODE = 'MOSS5520';
export const DESK_SIZE = { width: 1280, height: 800 };
export const PHONE_SIZE = { width: 390, height: 844 };

export const origin = (): string => process.env['PORCH_TEST_ORIGIN'] ?? '';

/** Where the pages of a class are, by its code. */
export async function classAddress(code = CLASS_CODE): Promise<string> {
  return `/class/${await classIdOf(code)}`;
}

export async function classIdOf(code: string): Promise<string> {
  const [row] = await database.rows<{ id: string }>('SELECT id FROM classes WHERE code = :code', { code });
  return row?.id ?? '';
}

/**
 * Whether an element went with the page it was on. Chromium's driver says so in its own words where the whole page is
 * exchanged while it looks at the element.
 */
const isExchanged = (problem: unknown): boolean =>
  problem instanceof error.StaleElementReferenceError ||
  (problem instanceof error.WebDriverError && problem.message.includes('does not belong to the document'));

/** A person at a browser of their own, who finds things by the names that are read out. */
export class Person {
  private lastClass: string | null = null;

  private constructor(
    readonly driver: chrome.Driver,
    private readonly profile: string,
  ) {}

  static async arrive({ width, height } = DESK_SIZE): Promise<Person> {
    const profile = mkdtempSync(path.join(tmpdir(), 'porch-browser-profile-'));
    const options = new chrome.Options();
    options.setChromeBinaryPath('/usr/bin/chromium');
    options.addArguments(...FLAGS, `--window-size=${width},${height}`, `--user-data-dir=${profile}`);
    // What is built for Chrome is Chrome's own driver, whatever the builder's type says.
    const built: unknown = await new Builder()
      .forBrowser('chrome')
      .setChromeOptions(options)
      .setChromeService(new chrome.ServiceBuilder('/usr/bin/chromedriver'))
      .build();
    const driver = built as chrome.Driver;
    // A window cannot be made as narrow as a phone; its page can.
    await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
      width,
      height,
      deviceScaleFactor: 1,
      mobile: false,
    });
    return new Person(driver, profile);
  }

  async leave(): Promise<void> {
    await this.driver.quit();
    rmSync(this.profile, { recursive: true, force: true });
  }

  async goTo(address: string): Promise<void> {
    await this.driver.get(origin() + address);
  }

  /** Goes to a page of a class, `/cards`: of the one that the open page leads to, or that was gone to last; at first the demo's. */
  async goToClass(page: string): Promise<void> {
    const shown = await this.driver.executeScript<string>(
      "return location.pathname + ' ' + (document.querySelector('.lintel a[href*=\"/class/\"]')?.pathname ?? '')",
    );
    this.lastClass = /\/class\/[0-9a-z]{16}/.exec(shown)?.[0] ?? this.lastClass ?? (await classAddress());
    await this.goTo(this.lastClass + page);
  }

  /** Waits for an element that is shown. */
  find(locator: By): Promise<WebElement> {
    return this.onceMore(async () => {
      const element = await this.driver.wait(
        until.elementLocated(locator),
        PATIENCE,
        `nothing at ${locator.toString()}`,
      );
      return this.driver.wait(until.elementIsVisible(element), PATIENCE, `not shown: ${locator.toString()}`);
    });
  }

  /** A button or link by its name, which may be a part of it. */
  control(name: string, within = ''): Promise<WebElement> {
    return this.find(
      By.xpath(
        `${within}//*[self::button or self::a or self::summary or @role='menuitem'][contains(@aria-label, ${quoted(name)}) or contains(normalize-space(.), ${quoted(name)})]`,
      ),
    );
  }

  async press(name: string, within = ''): Promise<void> {
    await this.onceMore(async () => {
      const element = await this.control(name, within);
      await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', element);
      await this.driver.wait(until.elementIsEnabled(element), PATIENCE);
      await element.click();
    });
  }

  /** Does something again where the page was exchanged between finding an element and using it. */
  private async onceMore<Found>(work: () => Promise<Found>): Promise<Found> {
    try {
      return await work();
    } catch (problem) {
      if (!isExchanged(problem)) throw problem;
      return work();
    }
  }

  /** A field by its label. */
  field(label: string): Promise<WebElement> {
    return this.find(
      By.xpath(
        `//*[self::input or self::textarea or self::select or @role='textbox'][@aria-label=${quoted(label)} or @id=//label[contains(normalize-space(.), ${quoted(label)})]/@for or ancestor::label[contains(normalize-space(.), ${quoted(label)})]]`,
      ),
    );
  }

  async fill(label: string, text: string): Promise<void> {
    await this.onceMore(async () => {
      const element = await this.field(label);
      await element.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE, text);
    });
  }

  /** Puts a value into a field at once, as a picker or a paste does. */
  async put(label: string, value: string): Promise<void> {
    await this.driver.executeScript(
      `const [field, value] = arguments;
       Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), 'value').set.call(field, value);
       field.dispatchEvent(new Event('input', { bubbles: true }));`,
      await this.field(label),
      value,
    );
  }

  /** Presses a requirement of an assignment, which then shows all that can be asked of it. */
  async openRequirement(kind: string): Promise<void> {
    await (await this.find(By.xpath(`//li[@aria-label=${quoted(kind)}]//b`))).click();
  }

  /** Brings a picture from this device into the post that is written. */
  async bringPicture(file: string): Promise<void> {
    await this.press('Picture', "//*[@role='toolbar']");
    await this.find(By.xpath("//*[@role='dialog'][contains(., 'Drop pictures here')]"));
    await (await this.driver.findElement(By.css("[role='dialog'] input[multiple]"))).sendKeys(file);
  }

  /** Everything at an XPath, once there is any. */
  async findAll(path: string): Promise<readonly WebElement[]> {
    await this.find(By.xpath(path));
    return this.driver.findElements(By.xpath(path));
  }

  /** The page as the printer would get it. */
  async printed(): Promise<Buffer> {
    // The answer is an object, whatever the types say.
    const answer: unknown = await this.driver.sendAndGetDevToolsCommand('Page.printToPDF', {
      preferCSSPageSize: true,
    });
    const { data } = answer as { readonly data: string };
    return Buffer.from(data, 'base64');
  }

  async choose(label: string, option: string): Promise<void> {
    const select = await this.field(label);
    await select.findElement(By.xpath(`.//option[contains(., ${quoted(option)})]`)).click();
  }

  /** Waits until some words stand on the page where they can be seen. */
  async sees(words: string): Promise<void> {
    await this.driver.wait(() => this.shows(words), PATIENCE, `these words are not shown: ${words}`);
  }

  async shows(words: string): Promise<boolean> {
    const text = await this.driver.executeScript<string>('return document.body.innerText');
    return text.replace(/\s+/g, ' ').includes(words);
  }

  async signInAsTeacher(key: string): Promise<void> {
    const teacher = TEACHERS.find((one) => one.key === key)!;
    await this.goTo('/sign-in');
    await this.press('For grown-ups');
    await this.fill('E-mail', teacher.email);
    await this.fill('Password', teacher.password + Key.ENTER);
    await this.driver.wait(until.urlMatches(/\/(?:today|classes)/), PATIENCE);
  }

  async signInAsStudent(key: string): Promise<void> {
    const student = STUDENTS.find((one) => one.key === key)!;
    await this.goTo('/sign-in');
    await this.fill('Class code', CLASS_CODE + Key.ENTER);
    await this.press(`${student.givenName} `);
    for (const word of student.passcode.split(' ')) await this.press(word, '//ul');
    await this.driver.wait(until.urlContains('/today'), PATIENCE);
  }

  /** Asks the server as a page of this person would. */
  async ask<Value>(useCase: string, input: object): Promise<Value> {
    const { value, code } = await this.driver.executeAsyncScript<{
      readonly value?: Value;
      readonly code?: string;
    }>(
      `const [useCase, input, done] = arguments;
       fetch('/api/do/' + useCase, { method: 'POST', body: JSON.stringify(input), headers: { 'content-type': 'application/json' } })
         .then((response) => response.json()).then(done);`,
      useCase,
      input,
    );
    if (value === undefined) throw new Error(`${useCase} was refused: ${code ?? 'for no reason'}`);
    return value;
  }

  /** Waits until the save state says that the words are safe. */
  async isSaved(): Promise<void> {
    // What was typed last is handed over once it is painted.
    await this.driver.sleep(HANDING_OVER);
    await this.find(By.xpath("//*[contains(@class, 'safe')][contains(., 'Safe, saved just now')]"));
  }

  /** What axe finds serious or critical on the page as it stands. */
  async barriers(): Promise<readonly string[]> {
    await this.driver.executeScript(axe.source);
    const found = await this.driver.executeAsyncScript<
      readonly { readonly id: string; readonly impact: string; readonly nodes: readonly string[] }[]
    >(
      `const done = arguments[0];
       axe.run({ resultTypes: ['violations'] }).then((result) => done(result.violations.map((one) =>
         ({ id: one.id, impact: one.impact, nodes: one.nodes.slice(0, 3).map((node) => node.html.slice(0, 160)) }))));`,
    );
    return found
      .filter((one) => one.impact === 'serious' || one.impact === 'critical')
      .map((one) => `${one.id}: ${one.nodes.join(' | ')}`);
  }

  /** What reaches beyond the page's width, so that the whole page would scroll sideways; empty when it does not. */
  async standsOut(): Promise<readonly string[]> {
    return this.driver.executeScript<readonly string[]>(
      `const root = document.documentElement;
       if (root.scrollWidth <= root.clientWidth) return [];
       const held = (element) => element !== root && (/auto|scroll|hidden|clip/.test(getComputedStyle(element).overflowX) || held(element.parentElement));
       return ['page ' + root.scrollWidth + ' of ' + root.clientWidth].concat([...document.querySelectorAll('body *')]
         .filter((element) => element.getBoundingClientRect().right > root.clientWidth && !held(element.parentElement))
         .map((element) => element.tagName + ' ' + element.getAttribute('class') + ' ' + element.getBoundingClientRect().right));`,
    );
  }

  /** What the browser complained about since it was last asked: refused scripts and styles, errors, lost resources. */
  async complaints(): Promise<readonly string[]> {
    const entries = await this.driver.manage().logs().get('browser');
    return entries.filter((entry) => entry.level.name === 'SEVERE').map((entry) => entry.message);
  }

  /** @param line how it is: cut, slow to answer (milliseconds), or narrow (bytes a second each way) */
  async hasLine({ offline = false, latency = 0, bytes = -1 }): Promise<void> {
    await this.driver.setNetworkConditions({
      ...{ offline, latency },
      ...{ download_throughput: bytes, upload_throughput: bytes },
    });
  }

  /** Reads on in a browser in which pages run no script. */
  async hasNoScript(): Promise<void> {
    await this.driver.sendDevToolsCommand('Emulation.setScriptExecutionDisabled', { value: true });
  }

  isOffline(offline: boolean): Promise<void> {
    return this.hasLine({ offline });
  }
}

/** Text as an XPath literal. */
function quoted(text: string): string {
  return text.includes("'") ? `"${text}"` : `'${text}'`;
}
