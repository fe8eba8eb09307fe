<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Channels\OutboxMailTransport;
use App\Channels\SaysInText;
use App\Channels\TextChannel;
use App\Models\Head;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;
use Symfony\Component\Mime\Email;

/** A reminder, by mail or text as the client wishes. */
final class Reminding extends Notification implements SaysInText
{
    public function __construct(
        private readonly string $subject,
        private readonly string $sentence,
        private readonly string $noMore,
    ) {
    }

    /** @return list<string> */
    public function via(Head $head): array
    {
        return match ($head->reminded_by) {
            'mail' => ['mail'],
            'text' => [TextChannel::class],
            default => [],
        };
    }

    public function toMail(Head $head): MailMessage
    {
        return (new MailMessage())->subject($this->subject)->text(
            'mail.reminder',
            ['sentence' => $this->sentence, 'salon' => $head->salon->name, 'noMore' => $this->noMore],
        )
            ->withSymfonyMessage(
                fn (Email $mail) => $mail->getHeaders()->addTextHeader(OutboxMailTransport::HEAD_HEADER, $head->id),
            );
    }

    public function toText(Head $head): string
    {
        return "{$head->salon->name}: {$this->sentence} {$this->noMore}";
    }
}
