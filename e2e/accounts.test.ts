/** Coming in: the owner by the code of the terminal, a hand by an invitation, a guest by a link. */
import { Secret, TOTP } from 'otpauth';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, setStage, type Page, type Stage } from './helper.js';

let stage: Stage;
let owner: Page;
let hand: Page;
beforeAll(async () => (stage = await setStage(2, [], { accounts: true })));
afterAll(() => stage.close());

/** What a new account is made with. */
async function fillIn(page: Page, name: string, login: string, password: string): Promise<void> {
  await page.getByLabel('Your name').fill(name);
  await page.getByLabel('Sign-in name').fill(login);
  await page.getByLabel('Password').fill(password);
}

const pathOf = (link: string): string => link.slice(new URL(link).origin.length);

describe('an installation that nobody owns', () => {
  it('is owned by whoever types the code of its terminal', async () => {
    owner = await stage.open('/people');
    await owner.getByRole('heading', { name: 'Nobody owns this installation yet' }).waitFor();
    await owner.getByLabel('Code of the terminal').fill('wrong');
    await fillIn(owner, 'Odile Marsh', 'odile', 'short');
    await owner.getByRole('button', { name: 'Begin' }).click();
    await owner.getByRole('alert').getByText('not the code').waitFor();
    await owner.getByLabel('Code of the terminal').fill(stage.servers[0]?.code ?? '');
    await owner.getByRole('button', { name: 'Begin' }).click();
    await owner.getByText('must have 12 characters').waitFor();
    await owner.getByLabel('Password').fill('seven geese over the weir');
    await owner.getByRole('button', { name: 'Begin' }).click();
    // The page that was asked for stands behind the door.
    await owner.getByRole('heading', { name: 'People' }).waitFor();
    await owner.getByRole('link', { name: 'More of Odile Marsh' }).waitFor();
  });
});

describe('a hand', () => {
  it('comes in by an invitation, and sees the day of what they serve at', async () => {
    await owner.getByRole('link', { name: 'Who comes in' }).click();
    await owner.getByRole('combobox', { name: 'Who' }).selectOption({ label: 'Petra Lund' });
    await owner.getByRole('button', { name: 'Make an invitation' }).click();
    const link = await owner.getByLabel('The link').inputValue();
    // Another process answers her.
    hand = await stage.open(pathOf(link), 1);
    await fillIn(hand, 'Petra Lund', 'petra', 'eleven lamps along the quay');
    await hand.getByRole('button', { name: 'Make the account' }).click();
    await hand.getByRole('link', { name: 'Friday 19:30' }).click();
    await hand.getByRole('region', { name: 'Your duties' }).getByText('Camera operator').waitFor();
    expect(await hand.getByRole('navigation', { name: 'Stations' }).count()).toBe(0);
    expect(await hand.getByRole('navigation', { name: 'Doors' }).getByRole('link').allInnerTexts()).toEqual([
      'Events',
    ]);
    expect(await hand.getByRole('button', { name: 'History' }).count()).toBe(0);
  });

  it('ticks with their own name, which the owner sees at once', async () => {
    await hand.getByRole('checkbox').first().check();
    const day = await owner.context().newPage();
    await day.goto(`${stage.servers[0]?.address}/events/${FRIDAY}/day`);
    await day
      .getByRole('listitem')
      .getByText(/^Petra Lund,/)
      .waitFor();
    await day.close();
  });

  it('takes over a device of somebody else by a PIN, and gives it back', async () => {
    await hand.goto(`${stage.servers[1]?.address}/account`);
    await hand.getByRole('button', { name: 'Set a PIN' }).click();
    await hand.getByLabel('Password').fill('eleven lamps along the quay');
    await hand.getByLabel('PIN', { exact: true }).fill('1234');
    await hand.getByRole('button', { name: 'Set it' }).click();
    await hand.getByText('tried first').waitFor();
    await hand.getByLabel('PIN', { exact: true }).fill('2580');
    await hand.getByRole('button', { name: 'Set it' }).click();
    await hand.getByRole('dialog').waitFor({ state: 'detached' });
    await owner.getByRole('banner').getByRole('link', { name: 'Odile Marsh' }).click();
    await owner.getByRole('button', { name: 'Petra Lund' }).click();
    await owner.getByLabel('PIN', { exact: true }).fill('2580');
    await owner.getByRole('button', { name: 'Take over' }).click();
    await owner.getByRole('banner').getByRole('link', { name: 'Petra Lund' }).click();
    expect(await owner.getByRole('navigation', { name: 'Doors' }).getByRole('link').allInnerTexts()).toEqual([
      'Events',
    ]);
    await owner.getByLabel('Password').fill('seven geese over the weir');
    await owner.getByRole('button', { name: 'Have it back' }).click();
    await owner.getByRole('banner').getByRole('link', { name: 'Odile Marsh' }).waitFor();
    await owner.goto(`${stage.servers[0]?.address}/people/access`);
    await owner.getByText('Invite somebody').waitFor();
  });

  it('finds nothing at addresses that are not theirs', async () => {
    await hand.goto(`${stage.servers[1]?.address}/events/eventgreen1/day`);
    await hand.getByRole('heading', { name: 'There is no such event' }).waitFor();
  });

  it('is out at once when they are let in no more, and what they see says so', async () => {
    await hand.goto(`${stage.servers[1]?.address}/events/${FRIDAY}/day`);
    await hand.getByRole('checkbox').first().waitFor();
    await owner.reload();
    const line = owner.getByRole('row').filter({ hasText: 'petra' });
    await line.getByRole('button', { name: 'Let in no more' }).click();
    await owner.getByRole('button', { name: 'Yes, let Petra Lund in no more' }).click();
    await owner.getByText('let somebody in no more').waitFor();
    await hand.getByRole('checkbox').nth(3).click();
    await hand.getByRole('heading', { name: 'Sign in' }).waitFor();
  });
});

describe('a guest', () => {
  it('presses to see the day of one event, without a name in it or a thing to change', async () => {
    await owner.getByLabel('For', { exact: true }).fill('the caretaker');
    await owner.getByRole('button', { name: 'Make a link' }).click();
    const link = await owner
      .getByRole('region', { name: 'Links for guests' })
      .getByLabel('The link')
      .inputValue();
    const guest = await stage.open(pathOf(link));
    await guest.getByRole('button', { name: 'Show the event' }).click();
    const day = guest.getByRole('region', { name: 'The day' });
    await day.getByText('St Alder’s').waitFor();
    expect(await guest.getByRole('checkbox', { disabled: false }).count()).toBe(0);
    expect(await guest.locator('body').innerText()).not.toMatch(/Petra|Odile/);
    await guest.goto(`${stage.servers[0]?.address}/shelf`);
    await guest.getByText('This is not for your role').waitFor();
  });
});

describe('an account', () => {
  it('is signed out, and in again, where the page was', async () => {
    await owner.getByRole('banner').getByRole('link', { name: 'Odile Marsh' }).click();
    await owner.getByRole('button', { name: 'Sign out', exact: true }).click();
    await owner.getByRole('heading', { name: 'Sign in' }).waitFor();
    await owner.getByLabel('Sign-in name').fill('odile');
    await owner.getByLabel('Password').fill('not that one at all');
    await owner.getByRole('button', { name: 'Sign in' }).click();
    await owner.getByRole('alert').getByText('do not fit').waitFor();
    await owner.getByLabel('Password').fill('seven geese over the weir');
    await owner.getByRole('button', { name: 'Sign in' }).click();
    await owner.getByRole('heading', { name: 'Your account' }).waitFor();
  });
});

describe('besides the password', () => {
  const PASSWORD = 'seven geese over the weir';
  /** An address that is a name, as passkeys need. */
  const named = (): string => stage.servers[0]?.address.replace('127.0.0.1', 'localhost') ?? '';
  const fillSignIn = async (): Promise<void> => {
    await owner.getByLabel('Sign-in name').fill('odile');
    await owner.getByLabel('Password').fill(PASSWORD);
    await owner.getByRole('button', { name: 'Sign in' }).click();
  };
  const signOut = async (): Promise<void> => {
    await owner.getByRole('button', { name: 'Sign out', exact: true }).click();
    await owner.getByRole('heading', { name: 'Sign in' }).waitFor();
  };

  it('an authenticator is set up, and signing in asks for its code or one on paper', async () => {
    await owner.getByText('Passkeys need an address that is a name').waitFor();
    await owner.getByRole('button', { name: 'Set up an authenticator' }).click();
    const dialog = owner.getByRole('dialog');
    await dialog.getByLabel('Password').fill('not that one at all');
    await dialog.getByRole('button', { name: 'Show the code' }).click();
    await dialog.getByText('is not your password').waitFor();
    await dialog.getByLabel('Password').fill(PASSWORD);
    await dialog.getByRole('button', { name: 'Show the code' }).click();
    await dialog.getByRole('img', { name: 'Code to scan' }).waitFor();
    const secret = (await dialog.getByText('Or type it').innerText()).split(':')[1] ?? '';
    const totp = new TOTP({ secret: Secret.fromBase32(secret.replace(/\s/g, '')) });
    await dialog.getByLabel('Code that it shows').fill(totp.generate());
    await dialog.getByRole('button', { name: 'It works' }).click();
    const listed = dialog.getByRole('list', { name: 'Codes' }).getByRole('listitem');
    await listed.nth(9).waitFor();
    const codes = await listed.allInnerTexts();
    await dialog.getByRole('button', { name: 'I have them' }).click();
    await owner.getByText('10 codes on paper are left').waitFor();
    await signOut();
    await fillSignIn();
    await owner.getByLabel('Code of the authenticator').fill('000000');
    await owner.getByRole('button', { name: 'Sign in' }).click();
    await owner.getByText('does not fit, or was used before').waitFor();
    await owner.getByLabel('Code of the authenticator').fill(codes[0] ?? '');
    await owner.getByRole('button', { name: 'Sign in' }).click();
    await owner.getByText('9 codes on paper are left').waitFor();
    await owner.getByRole('button', { name: 'Ask for no code any more' }).click();
    await owner.getByRole('dialog').getByLabel('Password').fill(PASSWORD);
    await owner.getByRole('button', { name: 'Ask for no code', exact: true }).click();
    await owner.getByRole('button', { name: 'Set up an authenticator' }).waitFor();
  });

  it('a passkey is made where the address is a name, signs in by itself, and is ended', async () => {
    const device = await owner.context().newCDPSession(owner);
    await device.send('WebAuthn.enable');
    await device.send('WebAuthn.addVirtualAuthenticator', {
      options: {
        ...{ protocol: 'ctap2', transport: 'internal', hasResidentKey: true, hasUserVerification: true },
        ...{ isUserVerified: true, automaticPresenceSimulation: true },
      },
    });
    await owner.goto(`${named()}/account`);
    await fillSignIn();
    await owner.getByRole('button', { name: 'Add a passkey' }).click();
    const dialog = owner.getByRole('dialog');
    await dialog.getByLabel('Name of this device').fill('Vestry tablet');
    await dialog.getByLabel('Password').fill(PASSWORD);
    await dialog.getByRole('button', { name: 'Make it' }).click();
    const line = owner.getByRole('listitem').filter({ hasText: 'Vestry tablet' });
    await line.getByText('never used').waitFor();
    await signOut();
    await owner.getByRole('button', { name: 'Use a passkey' }).click();
    await line.getByText(/used .*\d/).waitFor();
    await owner.getByRole('button', { name: 'End Vestry tablet' }).click();
    await dialog.getByLabel('Password').fill(PASSWORD);
    await dialog.getByRole('button', { name: 'End it' }).click();
    await line.waitFor({ state: 'detached' });
    await signOut();
    await owner.getByRole('button', { name: 'Use a passkey' }).click();
    await owner.getByRole('alert').getByText('This passkey does not fit').waitFor();
  });
});

describe('what is kept of somebody', () => {
  const PASSWORD = 'seven geese over the weir';
  let other: Page;

  it('is shown to the owner beside how they are reached, and saved as a file', async () => {
    // Where the address is of numbers she is signed in yet.
    await owner.goto(`${stage.servers[0]?.address}/people`);
    await owner.getByRole('link', { name: 'More of Wilf Okonjo' }).click();
    await owner.getByText('camera C3 SIDE').first().waitFor();
    await owner.getByLabel('Mail').fill('wilf');
    await owner.getByRole('button', { name: 'Keep', exact: true }).click();
    await owner.getByText('must be an address of mail').waitFor();
    await owner.getByLabel('Mail').fill('wilf@example.org');
    const [file] = await Promise.all([
      owner.waitForEvent('download'),
      owner.getByRole('button', { name: 'Save all of it' }).click(),
    ]);
    expect(file.suggestedFilename()).toBe('kept-of-Wilf-Okonjo.json');
    await owner.getByRole('button', { name: 'Keep', exact: true }).click();
    await owner.getByRole('link', { name: 'All people' }).click();
    const line = owner.getByRole('row').filter({ has: owner.getByRole('link', { name: 'More of Wilf' }) });
    await line.getByText('wilf@example.org').waitFor();
  });

  it('goes when they ask, from what others look at just now too', async () => {
    other = await owner.context().newPage();
    await other.goto(`${stage.servers[1]?.address}/events/${FRIDAY}/day`);
    const called = other.getByRole('region', { name: 'Whom to call' });
    await called.getByText('Wilf Okonjo').waitFor();
    await owner.getByRole('link', { name: 'More of Wilf Okonjo' }).click();
    await owner.getByRole('button', { name: 'Erase Wilf Okonjo' }).click();
    const dialog = owner.getByRole('dialog', { name: 'Erase Wilf Okonjo' });
    await dialog.getByLabel('Type their name').fill('Wilf');
    await dialog.getByRole('button', { name: 'Erase for good' }).click();
    await dialog.getByText('is not their name').waitFor();
    await dialog.getByLabel('Type their name').fill('Wilf Okonjo');
    await dialog.getByRole('button', { name: 'Erase for good' }).click();
    await owner.getByRole('dialog', { name: 'Erased' }).getByText('The name is gone').waitFor();
    await owner.getByRole('button', { name: 'Done' }).click();
    await owner.getByText('Nobody of the house is known').waitFor();
    await called.getByText('Wilf Okonjo').waitFor({ state: 'detached' });
    expect(await other.locator('body').innerText()).not.toContain('Wilf');
    await other.close();
  });

  it('is not erased by the last who answers for the house', async () => {
    await owner.getByRole('banner').getByRole('link', { name: 'Odile Marsh' }).click();
    await owner.getByRole('button', { name: 'Erase me' }).click();
    const dialog = owner.getByRole('dialog', { name: 'Erase me' });
    await dialog.getByLabel('Password').fill(PASSWORD);
    await dialog.getByRole('button', { name: 'Erase me for good' }).click();
    await dialog.getByText('Somebody must own the house').waitFor();
  });
});
