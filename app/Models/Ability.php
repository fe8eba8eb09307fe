<?php

declare(strict_types=1);

namespace App\Models;

/** What not everybody in a salon may do; the appointment book is open to all who work there. */
enum Ability: string
{
    /** Sees and notes a client's hair: tests, washes, pictures, plan, home routine. */
    case Care = 'care';

    /** Decides on it: plans, limits, safety signs, corrections, the shelf; sees what the salon comes to. */
    case Decide = 'decide';

    /** Leads the salon: people, prices, hours, messages, everything in and out, deletion. */
    case Lead = 'lead';
}
