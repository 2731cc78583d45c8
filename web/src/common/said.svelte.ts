/** A short message about something that was just done. */
class Said {
  text = $state('');
  private timer: number | undefined;

  say(text: string): void {
    this.text = text;
    window.clearTimeout(this.timer);
    this.timer = window.setTimeout(() => (this.text = ''), 6000);
  }
}

export const said = new Said();
