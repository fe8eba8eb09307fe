<?php

declare(strict_types=1);

namespace App\Pages\Accounts;

use App\Models\Invitation;
use App\Pages\Page;

/** Who is asked to join, by which salon. */
final readonly class InvitationPage extends Page
{
    /**
     * @param string    $link    signed, to send the answer to
     * @param bool      $isKnown whether somebody signs in by that address already
     * @param bool|null $isMe    whether it is whoever is signed in; null: nobody is
     */
    public function __construct(
        public Invitation $invitation,
        public string $link,
        public bool $isKnown,
        public ?bool $isMe,
    ) {
    }
}
