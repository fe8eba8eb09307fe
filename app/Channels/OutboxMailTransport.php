<?php

declare(strict_types=1);

namespace App\Channels;

use App\Models\Head;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Email;

/** A mail transport like any other, so that a real one takes its place by configuration alone. */
final class OutboxMailTransport extends AbstractTransport
{
    /** Which head a mail is about; a real server takes no notice of it. */
    public const HEAD_HEADER = 'X-Nagomi-Head';

    public function __construct(private readonly Outbox $outbox)
    {
        parent::__construct();
    }

    protected function doSend(SentMessage $message): void
    {
        $mail = $message->getOriginalMessage();
        $head = $mail instanceof Email
            ? Head::query()->withoutGlobalScope('salon')->find($mail->getHeaders()->getHeaderBody(self::HEAD_HEADER))
            : null;
        if (! $mail instanceof Email || ! $head instanceof Head) {
            throw new TransportException('This mail is about no head.');
        }
        try {
            $this->outbox->hand(
                $head,
                'mail',
                $mail->getTo()[0]->getAddress(),
                (string) $mail->getSubject(),
                (string) $mail->getTextBody(),
            );
        } catch (UndeliveredMessage $refused) {
            throw new TransportException($refused->getMessage(), previous: $refused);
        }
    }

    public function __toString(): string
    {
        return 'outbox';
    }
}
