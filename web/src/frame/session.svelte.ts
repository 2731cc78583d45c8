import type { Permission, Session } from '../api/types';

const NOBODY: Session = {
  signedIn: false,
  fresh: false,
  demo: false,
  today: '',
  username: null,
  name: null,
  role: null,
  personId: null,
  passwords: true,
  provider: null,
  refused: null,
  secondStepMissing: false,
  permissions: [],
  roles: [],
};

/** Who is signed in. When the session expires in the middle of something, the page stays and a sign-in lies over it. */
class SessionState {
  current = $state<Session>(NOBODY);
  loaded = $state(false);
  expired = $state(false);
  private waiting: (() => void)[] = [];

  /** Whether whoever is signed in may do something. */
  may(permission: Permission): boolean {
    return this.current.permissions.includes(permission);
  }

  signInAgain(): Promise<void> {
    this.expired = true;
    return new Promise((resolve) => this.waiting.push(resolve));
  }

  begin(session: Session): void {
    this.current = session;
    this.loaded = true;
    this.expired = false;
    this.waiting.splice(0).forEach((resume) => resume());
  }

  end(): void {
    const { demo, today, passwords, provider } = this.current;
    this.current = { ...NOBODY, demo, today, passwords, provider };
  }
}

export const session = new SessionState();
