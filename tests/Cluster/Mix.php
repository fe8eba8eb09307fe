<?php

declare(strict_types=1);

namespace Tests\Cluster;

use Nagomi\Core\Statistics\SeededRandom;
use Tests\Together\Sent;

/** What is asked for and done in a salon all day, drawn from a seed: of a hundred errands about 65 change something. */
final class Mix
{
    /** Errands of a hundred, by kind. */
    private const OF_A_HUNDRED = [
        'page' => 20, 'list' => 15, 'client' => 15, 'stock' => 20, 'tap' => 20, 'booking' => 10,
    ];

    private int $drawn = 0;

    public function __construct(private readonly SeededRandom $random)
    {
    }

    public function next(TriedSalon $salon): Errand
    {
        $at = $this->random->between(0, 99);
        foreach (self::OF_A_HUNDRED as $kind => $share) {
            $at -= $share;
            if ($at < 0) {
                return $this->errand($kind, $salon, sprintf('M%07d', ++$this->drawn));
            }
        }

        return $this->errand('page', $salon, '');
    }

    private function errand(string $kind, TriedSalon $salon, string $mark): Errand
    {
        $program = ['Authorization' => "Bearer {$salon->token}", 'Accept' => 'application/json'];

        return match ($kind) {
            'client' => new Errand($kind, (new Sent('POST', '/api/v1/clients', [
                'name' => "Caller {$mark}", 'another' => true,
            ], headers: $program))->under($mark), $mark),
            'stock' => new Errand($kind, (new Sent('POST', "/products/{$this->one($salon->products)}/stock", [
                'how' => 'bought', 'amount' => (string) $this->random->between(1, 40),
            ]))->under($mark), $mark),
            'tap' => new Errand($kind, new Sent('POST', (string) $this->one($salon->washes), [
                'device' => 'tablet', 'acts' => [[
                    'key' => $mark, 'kind' => 'note', 'step' => 'detangle', 'at' => date('c'),
                    'value' => ['note' => 'knot'],
                ]],
            ], true), $mark),
            'booking' => new Errand($kind, (new Sent('POST', '/api/v1/bookings', [
                'client' => $this->one($salon->heads), 'service' => $salon->serviceId,
                'stylist' => $salon->house->stylist->id, 'starts_at' => $this->moment($salon),
            ], headers: $program))->under($mark), $mark),
            'list' => new Errand($kind, new Sent('GET', '/api/v1/clients?name=caller', headers: $program)),
            default => new Errand('page', new Sent('GET', (string) $this->one([
                '/today', '/clients', "/clients/{$this->one($salon->heads)}",
                "/clients/{$this->one($salon->heads)}/plan",
            ]))),
        };
    }

    /** On the quarter of an hour within four months: many are taken, and have to be refused. */
    private function moment(TriedSalon $salon): string
    {
        return $salon->house->salon->today()->addDays($this->random->between(1, 120))
            ->setTime($this->random->between(8, 18), 15 * $this->random->between(0, 3))->format('c');
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->random->between(0, count($of) - 1)];
    }
}
