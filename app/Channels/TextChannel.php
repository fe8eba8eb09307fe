<?php

declare(strict_types=1);

namespace App\Channels;

use App\Models\Head;
use App\Notifications\SaysInText;
use Illuminate\Notifications\Notification;

/** Texts go through here; the stand-in takes them unless another channel is bound in its place. */
final class TextChannel
{
    public function __construct(private readonly Outbox $outbox)
    {
    }

    public function send(Head $head, Notification&SaysInText $notification): void
    {
        $this->outbox->hand($head, 'text', (string) $head->phone, '', $notification->toText($head));
    }
}
