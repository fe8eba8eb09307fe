<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\ScriptTimeoutException;

/** What a device suffers from: a clock that is off, a store that keeps nothing, time that passes. */
trait BadDevice
{
    /**
     * How many acts the device keeps until the salon has answered for them; −1 where it does not say: its store is
     * busy with another tab, or the page that was asked made way for the next.
     */
    public function kept(): int
    {
        try {
            return (int) $this->driver->executeAsyncScript(
                <<<'JS'
                    const done = arguments[0];
                    setTimeout(() => done(-1), 5000);
                    const open = indexedDB.open('nagomi');
                    open.onerror = () => done(-1);
                    open.onblocked = () => done(-1);
                    open.onsuccess = () => {
                        const count = open.result.transaction('acts').objectStore('acts').count();
                        count.onsuccess = () => {
                            open.result.close();
                            done(count.result);
                        };
                    };
                    JS,
            );
        } catch (ScriptTimeoutException | JavascriptErrorException) {
            return -1;
        }
    }

    /** The salon's clock is right again. */
    public static function onTime(): void
    {
        @unlink((string) getenv('NAGOMI_CLOCK'));
    }

    /**
     * A device that can be made a bad one: from the page after next on its clock is off by `test-clock-hours` of the
     * session's storage, and it keeps nothing where `test-storage` says full, denied or broken.
     */
    public function badDevice(): self
    {
        return $this->beforeEachPage(<<<'JS'
            (() => {
                const of = (name) => { try { return sessionStorage.getItem(name); } catch { return null; } };
                const Real = Date;
                const off = 3600000 * Number(of('test-clock-hours') ?? 0);
                window.Date = class extends Real {
                    constructor(...parts) { parts.length > 0 ? super(...parts) : super(Real.now() + off); }
                    static now() { return Real.now() + off; }
                };
                const bad = {
                    full: () => { IDBObjectStore.prototype.add = () => { throw new DOMException(
                        '',
                        'QuotaExceededError',
                    ); }; },
                    denied: () => { IDBFactory.prototype.open = () => { throw new DOMException(
                        '',
                        'SecurityError',
                    ); }; },
                    broken: () => { IDBFactory.prototype.open = () => new EventTarget(); },
                };
                bad[of('test-storage')]?.();
            })()
            JS);
    }

    /** What a device from {@see badDevice()} suffers from, after the page is loaded anew. */
    public function suffers(string $what, string $how): self
    {
        $this->driver->executeScript('sessionStorage.setItem(arguments[0], arguments[1])', [$what, $how]);
        $this->driver->navigate()->refresh();

        return $this;
    }

    /** Runs in each page before any script of its own. */
    public function beforeEachPage(string $script): self
    {
        (new ChromeDevToolsDriver($this->driver))->execute(
            'Page.addScriptToEvaluateOnNewDocument',
            ['source' => $script],
        );

        return $this;
    }
}
