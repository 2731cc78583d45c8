/** The pay group whose road is shown, and a count that goes up when something on the road has changed. */
class ChosenRoad {
  payGroupId = $state<number | null>(null);
  version = $state(0);

  changed(): void {
    this.version++;
  }
}

export const road = new ChosenRoad();
