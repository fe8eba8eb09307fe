<?php

declare(strict_types=1);

namespace App\Channels;

use App\Models\Head;
use App\Models\OutboxMessage;
use App\Wording\Words;

/**
 * The stand-in for a mail server and a text service: it keeps what it is handed for a screen, and refuses or hangs when
 * it is told to.
 */
final class Outbox
{
    /** @throws UndeliveredMessage where it refuses, or does not answer in time */
    public function hand(Head $head, string $channel, string $to, string $subject, string $body): void
    {
        $head->loadMissing('salon');
        $fate = ['works' => 'delivered', 'refuses' => 'refused', 'hangs' => 'hung'][$head->salon->outbox]
            ?? 'delivered';
        OutboxMessage::query()->create([
            'salon_id' => $head->salon_id, 'head_id' => $head->id, 'channel' => $channel, 'to' => $to,
            'subject' => $subject, 'body' => $body, 'fate' => $fate, 'handed_at' => now(),
        ]);
        if ($fate === 'refused') {
            throw new UndeliveredMessage(Words::say('messages.outbox.refused'));
        }
        if ($fate === 'hung') {
            throw new UndeliveredMessage(Words::say('messages.outbox.silent'));
        }
    }
}
