<?php

declare(strict_types=1);

namespace App\Bridge\Accounts;

use App\Models\User;
use Carbon\CarbonImmutable;

/** The devices on which somebody is signed in. */
final readonly class SignedInSomewhere
{
    public function __construct(private Seats $seats, private OpenSessions $sessions)
    {
    }

    /**
     * @param string $here the session that asks
     *
     * @return list<array{kind: string, address: string, seen: CarbonImmutable, isHere: bool}> the latest first; the kind
     *     is people.devices
     */
    public function of(User $user, string $here): array
    {
        $devices = [];
        foreach ($this->sessions->of($this->seats->keys($user)) as $session) {
            $devices[] = [
                'kind' => self::kind($session->agent),
                'address' => $session->address,
                'seen' => CarbonImmutable::createFromTimestamp($session->seen, $user->salon->timezone),
                'isHere' => $session->id === $here,
            ];
        }

        return $devices;
    }

    /** As browsers say it of themselves: enough to tell the tablet at the basin from the laptop at the desk. */
    private static function kind(string $agent): string
    {
        return match (true) {
            $agent === '' => 'unknown',
            preg_match('/iPad|Tablet|Android(?!.*Mobile)/', $agent) === 1 => 'tablet',
            preg_match('/Mobi/', $agent) === 1 => 'phone',
            default => 'computer',
        };
    }
}
