<?php

declare(strict_types=1);

namespace Tests\Cluster;

use Closure;
use CurlHandle;
use CurlMultiHandle;
use RuntimeException;
use Tests\Together\Answered;
use Tests\Together\Device;
use Tests\Together\SalonOfManyHands;

/**
 * Devices that each do one errand after another, all at the same time. What is not answered, or answered with an excuse,
 * is sent again under the same key, as the product's own pages do.
 */
final class Fleet
{
    private const PAUSE_SECONDS = 0.4;

    private readonly CurlMultiHandle $line;

    /** @var array<int, array{Device, TriedSalon, Errand|null, float}> with what is to be sent next and from when on */
    private array $devices = [];

    /** @var array<int, array{int, CurlHandle}> by handle: the number of its device */
    private array $underway = [];

    public function __construct(
        private readonly string $url,
        private readonly Mix $mix,
        private readonly Ledger $ledger,
    ) {
        $this->line = curl_multi_init();
    }

    public function join(TriedSalon $salon): void
    {
        $device = (new Device($this->url))->signIn($salon->house->stylist->email, SalonOfManyHands::PASSWORD);
        $this->devices[] = [$device, $salon, null, 0.0];
    }

    /**
     * @param int                $errands   how many are to be answered
     * @param Closure(int): bool $meanwhile told all the time how many are; whether all else is over
     *
     * @return int how many were
     */
    public function run(int $errands, Closure $meanwhile): int
    {
        $answered = 0;
        while (! $meanwhile($answered) || $answered < $errands) {
            $this->send();
            curl_multi_exec($this->line, $running);
            curl_multi_select($this->line, 0.05);
            while (($info = curl_multi_info_read($this->line)) !== false) {
                /** @var CurlHandle $handle */
                $handle = $info['handle'];
                $answered += $this->came($handle) ? 1 : 0;
            }
        }
        // What was sent and not answered, or not yet sent again, is nobody's any more: done or not, nobody was told.
        foreach ($this->devices as [, , $errand]) {
            $errand === null || $this->ledger->leave($errand);
        }
        foreach ($this->underway as [, $handle]) {
            curl_multi_remove_handle($this->line, $handle);
        }

        return $answered;
    }

    private function send(): void
    {
        $busy = array_column($this->underway, 0);
        foreach ($this->devices as $number => [$device, $salon, $errand, $from]) {
            if (in_array($number, $busy, true) || microtime(true) < $from) {
                continue;
            }
            $errand ??= $this->mix->next($salon);
            $errand->tries++;
            $this->devices[$number][2] = $errand;
            $handle = $device->handle($errand->sent);
            $this->underway[spl_object_id($handle)] = [$number, $handle];
            curl_multi_add_handle($this->line, $handle);
        }
    }

    private function came(CurlHandle $handle): bool
    {
        [$number] = $this->underway[spl_object_id($handle)];
        unset($this->underway[spl_object_id($handle)]);
        [$device, $salon, $errand] = $this->devices[$number];
        $answer = $device->answered($handle, (string) curl_multi_getcontent($handle));
        curl_multi_remove_handle($this->line, $handle);
        if ($errand === null) {
            throw new RuntimeException('An answer came to what was not sent.');
        }
        if ($this->isExcuse($answer)) {
            $this->ledger->excuse($errand, $answer);
            if ($this->isSignedOut($answer)) {
                $this->signInAgain($number, $device, $salon);
            }
            $this->devices[$number][3] = microtime(true) + self::PAUSE_SECONDS;

            return false;
        }
        $this->ledger->answer($errand, $answer);
        $this->devices[$number][2] = null;

        return true;
    }

    /** It says nothing of whether it was done. */
    private function isExcuse(Answered $answer): bool
    {
        return $answer->status === 0 || $answer->status === 429 || $answer->status >= 500
            || $this->isSignedOut($answer);
    }

    private function isSignedOut(Answered $answer): bool
    {
        return in_array($answer->status, [401, 419], true) || str_ends_with($answer->to, '/sign-in');
    }

    private function signInAgain(int $number, Device $device, TriedSalon $salon): void
    {
        try {
            $device->signIn($salon->house->stylist->email, SalonOfManyHands::PASSWORD);
        } catch (RuntimeException) {
            // It is tried again with the next errand.
            $this->devices[$number][3] = microtime(true) + 2 * self::PAUSE_SECONDS;
        }
    }
}
