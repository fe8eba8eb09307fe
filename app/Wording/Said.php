<?php

declare(strict_types=1);

namespace App\Wording;

use Nagomi\Core\Head\StratumName;
use Nagomi\Core\Wording\KeptMessage;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\Refusal;
use Nagomi\Core\Wording\Sentences;
use Throwable;

/** What the core says, in the language of whoever reads. */
final class Said
{
    public static function of(Message $message): string
    {
        return self::sentences()->say($message);
    }

    /**
     * @param array<array-key, Message> $messages
     *
     * @return list<string>
     */
    public static function all(array $messages): array
    {
        return array_values(self::sentences()->sayAll($messages));
    }

    /** @param mixed $kept a message as it was kept among other things; words kept as such are said as they are */
    public static function kept(mixed $kept): string
    {
        return $kept instanceof Message ? self::of($kept) : self::of(KeptMessage::read($kept));
    }

    /** What is kept as a tree, each message in it said; all else stays as it is. */
    public static function within(mixed $told): mixed
    {
        return self::sentences()->within($told);
    }

    /** @param string $name of a stratum */
    public static function stratum(string $name): string
    {
        return self::of(StratumName::words($name));
    }

    /** Why something was refused: in words where the core says why, else as whoever refused it put it. */
    public static function why(Throwable $refused): string
    {
        return $refused instanceof Refusal ? self::of($refused->saying()) : $refused->getMessage();
    }

    private static function sentences(): Sentences
    {
        return app(Sentences::class);
    }
}
