<?php

declare(strict_types=1);

namespace App\Channels;

use App\Models\Head;
use Illuminate\Notifications\Notification;

/** Texts go through here; the stand-in takes them unless another channel is bound in its place. */
final class TextChannel
{
    public function __construct(private readonly Outbox $outbox)
    {
    }

    /** @throws UndeliveredMessage when the text cannot be handed on */
    public function send(Head $head, Notification&SaysInText $notification): void
    {
        $this->outbox->hand($head, 'text', (string) $head->phone, '', $notification->toText($head));
    }
}
