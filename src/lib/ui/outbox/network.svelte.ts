/**
 * Whether the server answers. The browser's own word is not enough: a hall's network may be there and lead nowhere, and a
 * page opened from the browser's store is not told.
 */
class Network {
  away = $state(false);

  /** A request that also tells whether the server is there. */
  async fetch(url: string, init?: RequestInit): Promise<Response> {
    try {
      const response = await fetch(url, init);
      this.away = false;
      return response;
    } catch (failure) {
      this.away = true;
      throw failure;
    }
  }
}

export const network = new Network();
