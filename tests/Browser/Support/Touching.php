<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;

/** A finger instead of a mouse. */
trait Touching
{
    /** What takes a touch for itself, as what is dragged does, makes no click of it; then this long is enough. */
    private const NO_CLICK_SECONDS = 1.5;

    /** A click that comes late on a busy machine is waited for: tried again too soon, there would be two of them. */
    private const LATE_CLICK_SECONDS = 8.0;

    /** A busy machine may let go so late that the finger counts as held, of which comes no click: it is tried again. */
    private const TRIES = 3;

    /** Taps with a finger where a person would. */
    public function touch(string $css): self
    {
        $element = $this->reached($this->find($css));
        $clicks = $this->makesClicks($element);
        $tries = $clicks ? self::TRIES : 1;
        do {
            $this->putDown($element);
        } while (! $this->isFelt($clicks ? self::LATE_CLICK_SECONDS : self::NO_CLICK_SECONDS) && --$tries > 0);

        return $this;
    }

    public function touchScreen(): self
    {
        (new ChromeDevToolsDriver($this->driver))->execute(
            'Emulation.setTouchEmulationEnabled',
            ['enabled' => true, 'maxTouchPoints' => 1],
        );

        return $this;
    }

    /**
     * What an answer has just moved is reached for where it comes to rest.
     *
     * @return array{float, float} its middle, in px of the window; of an answer that is chosen, the middle of its label
     */
    private function whereAtRest(RemoteWebElement $element): array
    {
        return $this->driver->executeAsyncScript(
            'const [element, done] = arguments; const label = element.matches("input[type=radio]") ? '
                . 'element.closest("label") : null; const target = label ?? element; let was = ""; let looks = 0; '
                . 'const look = () => { target.scrollIntoView({block: "center", behavior: "instant"}); const box = '
                . 'target.getBoundingClientRect(); const at = [box.left + box.width / 2, box.top + box.height / 2]; '
                . 'if (was === at.join() || ++looks > 90) { done(at); } else { was = at.join(); '
                . 'requestAnimationFrame(() => requestAnimationFrame(look)); } }; look();',
            [$element],
        );
    }

    private function putDown(RemoteWebElement $element): void
    {
        $at = $this->whereAtRest($element);
        $this->driver->executeScript(
            'window.felt = false; addEventListener("click", () => setTimeout(() => { window.felt = true; }), '
                . '{once: true, capture: true})',
        );
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute(
            'Input.dispatchTouchEvent',
            ['type' => 'touchStart', 'touchPoints' => [['x' => $at[0], 'y' => $at[1]]]],
        );
        $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
    }

    private function makesClicks(RemoteWebElement $element): bool
    {
        return $this->driver->executeScript(
            'return arguments[0].closest("a, button, label, summary, input") !== null',
            [$element],
        );
    }

    /** Whether the page has done what belongs to the touch, or another page has come, before no more is waited for. */
    private function isFelt(float $patience): bool
    {
        $from = microtime(true);
        do {
            usleep(30_000);
            $felt = $this->driver->executeScript('return window.felt !== false');
        } while (! $felt && microtime(true) - $from < $patience);

        return $felt;
    }
}
