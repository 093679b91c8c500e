/** What became of the last form that did not reach the records, said over whatever page is open. */
class FormTrouble {
  message = $state('');

  say(message: string): void {
    this.message = message;
  }

  clear(): void {
    this.message = '';
  }
}

export const formTrouble = new FormTrouble();
