<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use RuntimeException;

/** A Chromium of our own on the running application: what a person does with it, in her words. */
final class Browser
{
    use BadDevice;
    use Touching;
    use Waiting;

    /** The lighter of the two, where Debian has it; not the script in /usr/bin, whose browser outlives its driver. */
    private const SHELL = '/usr/lib/chromium/chromium-headless-shell';

    private function __construct(
        public readonly RemoteWebDriver $driver,
        private readonly string $url,
        private readonly string $downloads,
    ) {
    }

    /** @param string|null $as the name another device on the network would call this machine by */
    public static function open(
        int $width = 1280,
        int $height = 800,
        bool $dark = false,
        ?string $as = null,
        ?string $at = null,
    ): self {
        $downloads = sys_get_temp_dir() . '/nagomi-downloads-' . bin2hex(random_bytes(6));
        $options = new ChromeOptions();
        $isShell = is_file(self::SHELL);
        $options->setBinary($isShell ? self::SHELL : '/usr/bin/chromium');
        $options->addArguments([
            '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--force-device-scale-factor=1',
            '--window-size=' . $width . ',' . ($height + 200),
            ...$isShell ? [] : ['--headless=new'],
            ...$as === null ? [] : ["--host-resolver-rules=MAP {$as} 127.0.0.1"],
        ]);
        $options->setExperimentalOption('prefs', ['download.default_directory' => $downloads]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = RemoteWebDriver::create((string) getenv('NAGOMI_DRIVER'), $capabilities, 60_000, 120_000);
        // What a page works at may take long on a busy machine; how long it may is said by its test.
        $driver->manage()->timeouts()->setScriptTimeout(110);
        $browser = new self(
            $driver,
            str_replace('127.0.0.1', $as ?? '127.0.0.1', $at ?? (string) getenv('NAGOMI_URL')),
            $downloads,
        );
        $browser->size($width, $height);
        if ($dark) {
            (new ChromeDevToolsDriver($driver))->execute(
                'Emulation.setEmulatedMedia',
                ['features' => [['name' => 'prefers-color-scheme', 'value' => 'dark']]],
            );
        }

        return $browser;
    }

    /** The page itself gets this size, whatever the window's frame takes. */
    public function size(int $width, int $height): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false],
        );
    }

    public function close(): void
    {
        $this->driver->quit();
        if (is_dir($this->downloads)) {
            exec('rm -rf ' . escapeshellarg($this->downloads));
        }
    }

    public function visit(string $path): self
    {
        $this->driver->get($this->url . $path);

        return $this;
    }

    public function signIn(
        string $email = 'ilse@saltlight.example',
        string $password = 'harbour-demo',
        bool $toHeads = true,
    ): self {
        $this->visit('/sign-in')->tourSeen()->type('email', $email)->type('password', $password)->press('Sign in');

        // Most of what is tested begins with a head.
        return $toHeads && $this->path() === '/today' ? $this->visit('/clients') : $this;
    }

    /** As on a device on which somebody was shown round before. */
    public function tourSeen(): self
    {
        $this->driver->executeScript('localStorage.setItem("nagomi-tour", "seen")');

        return $this;
    }

    public function path(): string
    {
        return (string) parse_url($this->driver->getCurrentURL(), PHP_URL_PATH);
    }

    public function find(string $css): RemoteWebElement
    {
        return $this->driver->findElement(WebDriverBy::cssSelector($css));
    }

    /** @return list<RemoteWebElement> */
    public function all(string $css): array
    {
        return array_values($this->driver->findElements(WebDriverBy::cssSelector($css)));
    }

    /** What a part of the page says, once it is there. */
    public function text(string $css = 'body'): string
    {
        $said = '';
        $this->await(function () use ($css, &$said): bool {
            $said = $this->find($css)->getText();

            return true;
        });

        return $said;
    }

    public function type(string $name, string $value): self
    {
        $field = $this->reached($this->find("[name=\"{$name}\"]"));
        if ($field->getAttribute('type') === 'date') {
            // A date field takes its day whole; typing depends on the locale of the browser.
            $this->driver->executeScript('arguments[0].value = arguments[1]', [$field, $value]);

            return $this;
        }
        $field->clear();
        $field->sendKeys($value);

        return $this;
    }

    public function choose(string $name, string $value): self
    {
        (new WebDriverSelect($this->reached($this->find("select[name=\"{$name}\"]"))))->selectByValue($value);

        return $this;
    }

    /** What stands on a card that is not shown is reached by way of all tests or questions, as a stylist would. */
    private function reached(RemoteWebElement $element): RemoteWebElement
    {
        $this->driver->executeScript(
            'if (arguments[0].closest(".is-walk .test:not(.is-current), .is-walk > .more-tests")) '
                . '{ document.querySelector("[data-walk-all]").click(); } '
                . 'if (arguments[0].closest(".is-cards .question:not(.is-current), .is-cards .intake-more")) '
                . '{ document.querySelector("[data-questions-all]").click(); } '
                . 'const folded = arguments[0].closest(".bench-when:not([open]), .more-tests:not([open])"); '
                . 'if (folded && arguments[0] !== folded.querySelector("summary")) { folded.open = true; }',
            [$element],
        );

        return $element;
    }

    /** What the results of a visit say, with what is folded. */
    public function results(): string
    {
        $this->driver->executeScript(
            'document.querySelectorAll(".told-page details").forEach((one) => { one.open = true; })',
        );

        return $this->text('.told-page');
    }

    /** Taps a number of a row of points, or ticks a box. */
    public function tap(string $css): self
    {
        $element = $this->reached($this->find($css));
        $this->whereAtRest($element);
        $element->click();

        return $this;
    }

    /** From the next page on, the page's clock runs ahead by what {@see later()} says. */
    public function movableClock(): self
    {
        (new ChromeDevToolsDriver($this->driver))->execute(
            'Page.addScriptToEvaluateOnNewDocument',
            [
                'source' =>
                    '(() => { const Real = Date; const ahead = () => '
                        . 'Number(sessionStorage.getItem("clock-ahead-ms") ?? 0); window.Date = class extends Real '
                        . '{ constructor(...parts) { parts.length > 0 ? super(...parts) : super(Real.now() + '
                        . 'ahead()); } static now() { return Real.now() + ahead(); } }; })()',
            ],
        );

        return $this;
    }

    /** Time passes at the salon and on the device alike; until {@see onTime()} is called. */
    public function later(float $minutes): self
    {
        $clock = (string) getenv('NAGOMI_CLOCK');
        $ahead = (is_file($clock) ? (float) file_get_contents($clock) : 0.0) + $minutes;
        // In one go: an answer that reads the file while it is empty would be given on the day before.
        file_put_contents("{$clock}.next", (string) $ahead);
        rename("{$clock}.next", $clock);
        $this->driver->executeScript(
            'sessionStorage.setItem("clock-ahead-ms", String(Number(sessionStorage.getItem("clock-ahead-ms") '
                . '?? 0) + 60000 * arguments[0]))',
            [$minutes],
        );
        // An answer that was under way says the time of before; the next one says it right.
        usleep(150_000);
        $this->driver->executeScript('document.dispatchEvent(new Event("visibilitychange"))');
        usleep(150_000);

        return $this;
    }

    /** Takes the network away, or gives it back. */
    public function offline(bool $offline = true): self
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.enable', ['maxTotalBufferSize' => 0]);
        $tools->execute(
            'Network.emulateNetworkConditions',
            ['offline' => $offline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );

        return $this;
    }

    /**
     * A salon's network on a bad day: so many kilobytes a second, and so long until anything answers. Nothing is kept
     * from before.
     */
    public function slow(int $kilobytesASecond, int $latencyMilliseconds): self
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.enable', ['maxTotalBufferSize' => 0]);
        $tools->execute('Network.clearBrowserCache');
        $tools->execute(
            'Network.emulateNetworkConditions',
            [
                'offline' => false,
                'latency' => $latencyMilliseconds,
                'downloadThroughput' => $kilobytesASecond * 1024,
                'uploadThroughput' => $kilobytesASecond * 1024,
            ],
        );

        return $this;
    }

    public function forgetFiles(): self
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.enable', ['maxTotalBufferSize' => 0]);
        $tools->execute('Network.clearBrowserCache');

        return $this;
    }

    /**
     * @return float kilobytes that came over the network for the page that is open, with everything it asked for. A
     *     page that a worker handed on is asked for once more to be weighed: of its own it says how long it is unpacked
     */
    public function weightKilobytes(): float
    {
        return (float) $this->driver->executeAsyncScript(
            'const done = arguments[0]; const [page] = performance.getEntriesByType("navigation"); const all = '
                . 'performance.getEntriesByType("resource").reduce((sum, one) => sum + one.transferSize, 0); const tell '
                . '= (bytes) => done((all + bytes) / 1024); if (page.workerStart === 0) { tell(page.transferSize); } else '
                . '{ performance.clearResourceTimings(); fetch(location.href, {cache: "no-store"}).then((answer) => '
                . 'answer.text()).then(() => setTimeout(() => tell(performance.getEntriesByType("resource").find((one) '
                . '=> one.name === location.href).transferSize), 50)); }',
        );
    }

    /** Drags an element, without letting go of it. */
    public function drag(string $css, int $across, int $down = 0): self
    {
        $element = $this->find($css);
        $this->driver->executeScript('arguments[0].scrollIntoView({block: "center", behavior: "instant"})', [$element]);
        $at = $this->driver->executeScript(
            'const box = arguments[0].getBoundingClientRect(); return [box.left + box.width / 2, box.top + '
                . 'box.height / 2]',
            [$element],
        );
        $tools = new ChromeDevToolsDriver($this->driver);
        foreach ([['mousePressed', 0.0], ['mouseMoved', 0.5], ['mouseMoved', 1.0]] as [$type, $share]) {
            $tools->execute(
                'Input.dispatchMouseEvent',
                [
                    'type' => $type, 'x' => $at[0] + $share * $across, 'y' => $at[1] + $share * $down,
                    'button' => 'left', 'buttons' => 1, 'clickCount' => 1,
                ],
            );
        }

        return $this;
    }

    /** Lets go of what is dragged. */
    public function drop(): self
    {
        (new ChromeDevToolsDriver($this->driver))->execute(
            'Input.dispatchMouseEvent',
            ['type' => 'mouseReleased', 'x' => 400, 'y' => 200, 'button' => 'left', 'buttons' => 0, 'clickCount' => 1],
        );

        return $this;
    }

    public function value(string $name): string
    {
        return (string) $this->find("[name=\"{$name}\"]")->getAttribute('value');
    }

    /** Presses the button or follows the link that says this, and waits for the page it leads to. */
    public function press(string $words): self
    {
        $literal = '"' . $words . '"';
        $element = $this->driver->findElement(WebDriverBy::xpath(
            "//main//button[contains(normalize-space(), {$literal})] | //main//a[contains(normalize-space(), {$literal})] | //button[contains(normalize-space(), {$literal})] | //a[contains(normalize-space(), {$literal})]",
        ));
        $this->whereAtRest($element);
        $old = $this->find('html');
        $element->click();
        $this->untilGone($old, "pressing “{$words}”");
        $this->ready();

        return $this;
    }

    /** Follows a link of the open head that stands under More. */
    public function more(string $words): self
    {
        $this->driver->executeScript('document.querySelector(".rail-more").open = true');

        return $this->press($words);
    }

    /** Presses a key anywhere on the page and waits for the page it leads to. */
    public function key(string $key): self
    {
        $old = $this->find('html');
        $this->find('body')->sendKeys($key);
        $this->untilGone($old, "the key {$key}");
        $this->ready();

        return $this;
    }

    public function keys(string ...$keys): self
    {
        $this->driver->getKeyboard()->sendKeys(implode(
            '',
            array_map(
                fn (string $key): string => defined(WebDriverKeys::class . '::' . $key)
                    ? constant(WebDriverKeys::class . '::' . $key)
                    : $key,
                $keys,
            ),
        ));

        return $this;
    }

    /** The key of a client, by a part of the name. */
    public function clientKey(string $name): string
    {
        $this->visit('/clients?show=all');
        foreach ($this->all('.head-row') as $row) {
            if (str_contains($row->getText(), $name)) {
                return basename((string) parse_url((string) $row->getAttribute('href'), PHP_URL_PATH));
            }
        }
        throw new RuntimeException("{$name} is not in the list.");
    }

    public function shot(string $file): self
    {
        $this->ready();
        $this->driver->executeScript('return document.fonts.ready.then(() => true)');
        usleep(250_000);
        $this->driver->takeScreenshot($file);

        return $this;
    }

    /** @return list<string> what the browser complained of: errors of scripts, refused inline code, missing files */
    public function complaints(): array
    {
        $log = $this->driver->manage()->getLog('browser');

        return array_values(array_map(
            fn (array $entry): string => (string) $entry['message'],
            array_filter($log, fn (array $entry): bool => $entry['level'] === 'SEVERE'),
        ));
    }
}
