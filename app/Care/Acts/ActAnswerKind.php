<?php

declare(strict_types=1);

namespace App\Care\Acts;

/** What became of one act. */
enum ActAnswerKind: string
{
    case Taken = 'taken';

    /** It came before, under the same key; nothing was done again. */
    case AlreadyTaken = 'already-taken';
    case Refused = 'refused';
    case Unreadable = 'unreadable';
}
