<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Closure;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\RemoteWebElement;

/** A person waits for what comes, however much a machine has to do; what has a limit says so in its own test. */
trait Waiting
{
    private const PATIENT_SECONDS = 90;

    /** Waits until something is so; what is drawn anew while it is looked at is looked at again. */
    public function await(Closure $isSo): self
    {
        $this->driver->wait(self::PATIENT_SECONDS, 100)->until(static function () use ($isSo): bool {
            try {
                return (bool) $isSo();
            } catch (StaleElementReferenceException) {
                return false;
            }
        });

        return $this;
    }

    /** Waits until a part of the page says something. */
    public function until(string $css, string $words): self
    {
        $stands = '';
        try {
            $this->await(function () use ($css, $words, &$stands): bool {
                $stands = (string) $this->driver->executeScript(
                    'return document.querySelector(arguments[0])?.innerText ?? "(nothing of that kind)"',
                    [$css],
                );

                return str_contains($stands, $words);
            });
        } catch (TimeoutException) {
            throw new TimeoutException("Waited for “{$words}” in {$css}; there stood: " . mb_substr($stands, 0, 400));
        }

        return $this;
    }

    /** Waits until a page, by its outermost element, has made way for the next. */
    public function untilGone(RemoteWebElement $old, string $after = 'something'): self
    {
        try {
            $this->await(function () use ($old): bool {
                try {
                    $old->isEnabled();

                    return false;
                } catch (StaleElementReferenceException | UnknownErrorException) {
                    // The driver has two ways of saying that a node went with its page.
                    return true;
                }
            });
        } catch (TimeoutException) {
            $url = $this->driver->getCurrentURL();
            throw new TimeoutException("After {$after} no other page came; there still stood {$url}.");
        }

        return $this;
    }

    /** Taps until it was taken: a page that is just coming up does not hear the first tap. */
    public function tapUntil(string $css, Closure $isTaken): self
    {
        $tapped = 0.0;
        $this->await(function () use ($css, $isTaken, &$tapped): bool {
            if ($tapped > 0 && $isTaken()) {
                return true;
            }
            if (microtime(true) - $tapped > 2.0) {
                $this->tap($css);
                $tapped = microtime(true);
            }

            return false;
        });

        return $this;
    }

    private function ready(): void
    {
        $this->await(
            fn (): bool => $this->driver->executeScript('return document.readyState') === 'complete',
        );
    }
}
