<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Support;

use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\SentenceFiles;
use Nagomi\Core\Wording\Sentences;

/** What the core says, in English, as the language files have it. */
final class English
{
    private static ?Sentences $sentences = null;

    public static function sentences(): Sentences
    {
        return self::$sentences ??= SentenceFiles::in(__DIR__ . '/../../../lang/en/core');
    }

    public static function say(Message $message): string
    {
        return self::sentences()->say($message);
    }

    /**
     * @param array<array-key, Message> $messages
     *
     * @return array<array-key, string>
     */
    public static function all(array $messages): array
    {
        return array_map(self::say(...), $messages);
    }
}
