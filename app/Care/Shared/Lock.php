<?php

declare(strict_types=1);

namespace App\Care\Shared;

use Illuminate\Support\Facades\DB;

/**
 * What an act holds while it is done, so that the next one sees what it did. The salon is always locked before the
 * head:
 * two acts can wait for one another in one direction only.
 */
final readonly class Lock
{
    /** The one row of what is everybody's. */
    private const INSTALLATION = 1;

    private function __construct(
        private ?int $salonId,
        private ?string $headId,
        private bool $isInstallation = false,
    ) {
    }

    public static function nothing(): self
    {
        return new self(null, null);
    }

    /** For what is done once, before there is a salon to hold: its row is made by whoever is first. */
    public static function installation(): self
    {
        return new self(null, null, true);
    }

    /** For what is the salon's: bookings, hours, products, imports. */
    public static function salon(int $salonId): self
    {
        return new self($salonId, null);
    }

    /** For what is one head's. */
    public static function head(string $headId): self
    {
        return new self(null, $headId);
    }

    /** For what is one head's and tells the desk: a wash day that begins or ends. */
    public static function salonAndHead(int $salonId, string $headId): self
    {
        return new self($salonId, $headId);
    }

    /**
     * By changing the row and not by reading it for update: what is only read is locked on one node of a database
     * cluster and unknown to the others (docs/beyond-one-machine.md, measured).
     */
    public function take(): void
    {
        if ($this->isInstallation) {
            DB::table('installations')->upsert(
                [['id' => self::INSTALLATION, 'acts_taken' => 1]],
                ['id'],
                ['acts_taken' => DB::raw('acts_taken + 1')],
            );
        }
        if ($this->salonId !== null) {
            DB::table('salons')->where('id', $this->salonId)->increment('acts_taken');
        }
        if ($this->headId !== null) {
            DB::table('heads')->where('id', $this->headId)->increment('acts_taken');
        }
    }
}
