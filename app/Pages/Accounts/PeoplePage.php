<?php

declare(strict_types=1);

namespace App\Pages\Accounts;

use App\Models\Invitation;
use App\Models\User;
use App\Pages\Page;
use Carbon\CarbonImmutable;

/** Who belongs to the salon, who is asked to, and where one is signed in oneself. */
final readonly class PeoplePage extends Page
{
    /**
     * @param list<User>       $people  those who have left last
     * @param list<Invitation> $invited who has not joined yet; of a link that ran out as well
     * @param list<array{kind: string, address: string, seen: CarbonImmutable, isHere: bool}> $devices the latest first
     * @param bool             $leads   decides who belongs
     * @param list<int>        $elsewhere of the people who work in another salon as well
     * @param list<string>     $roles   what somebody can be
     * @param int|null         $passwordOf who chooses another password by the link; null: nobody
     */
    public function __construct(
        public User $me,
        public array $people,
        public array $invited,
        public array $devices,
        public bool $leads,
        public array $roles,
        public array $elsewhere,
        public ?int $passwordOf,
        public string $passwordLink,
    ) {
    }
}
