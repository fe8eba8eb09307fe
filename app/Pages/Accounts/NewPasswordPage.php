<?php

declare(strict_types=1);

namespace App\Pages\Accounts;

use App\Models\User;
use App\Pages\Page;

/** Whose password is chosen anew. */
final readonly class NewPasswordPage extends Page
{
    /** @param string $link signed, to send the answer to */
    public function __construct(public User $user, public string $link)
    {
    }
}
