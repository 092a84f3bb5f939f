/** Tests read times on a clock of 24 hours, whatever language the test environment says it has. */
Object.defineProperty(navigator, 'language', { value: 'en-GB', configurable: true });
