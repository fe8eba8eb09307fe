<?php

declare(strict_types=1);

namespace App\Care\Moving;

use App\Models\Head;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\ParseException;
use Sabre\VObject\Reader;
use Sabre\VObject\Splitter\VCard as Splitter;

/** Clients as vCards (RFC 6350): who they are and how they are reached, nothing of their hair. */
final class ClientCards
{
    /** @param iterable<Head> $heads */
    public static function write(iterable $heads): string
    {
        $cards = '';
        foreach ($heads as $head) {
            $names = explode(' ', $head->name);
            $card = new VCard(['VERSION' => '4.0', 'UID' => "urn:nagomi:{$head->id}", 'FN' => $head->name, 'N' => [(string) (count($names) > 1 ? array_pop($names) : ''), implode(' ', $names), '', '', '']]);
            foreach (['EMAIL' => $head->email, 'TEL' => $head->phone, 'BDAY' => $head->born_on?->format('Ymd')] as $property => $value) {
                if ($value !== null && $value !== '') {
                    $card->add($property, $value);
                }
            }
            $cards .= (string) $card->serialize();
        }

        return $cards;
    }

    /**
     * @return list<array{name: string, email: string|null, phone: string|null, born_on: string|null, problems: list<string>}> one for each card, in their order
     */
    public static function read(string $text): array
    {
        $found = [];
        $stream = fopen('php://temp', 'w+');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, ltrim($text, "\u{FEFF}"));
        rewind($stream);
        try {
            $splitter = new Splitter($stream, Reader::OPTION_FORGIVING);
            while (($card = $splitter->getNext()) !== null) {
                $found[] = self::client($card instanceof VCard ? $card : new VCard());
            }
        } catch (ParseException $broken) {
            $found[] = ['name' => '', 'email' => null, 'phone' => null, 'born_on' => null, 'problems' => ['From here on this is no vCard: ' . $broken->getMessage()]];
        }

        return $found;
    }

    /** @return array{name: string, email: string|null, phone: string|null, born_on: string|null, problems: list<string>} */
    private static function client(VCard $card): array
    {
        $text = fn (string $property): ?string => isset($card->{$property}) && trim((string) $card->{$property}) !== '' ? trim((string) $card->{$property}) : null;
        $name = mb_substr($text('FN') ?? '', 0, 120);
        $born = preg_replace('/^(\d{4})-?(\d{2})-?(\d{2}).*$/', '$1-$2-$3', $text('BDAY') ?? '');
        $isDay = preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', (string) $born, $parts) === 1 && checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1]);
        $email = $text('EMAIL');

        return [
            'name' => $name,
            'email' => $email,
            'phone' => $text('TEL'),
            'born_on' => $isDay ? (string) $born : null,
            'problems' => array_values(array_filter([
                $name === '' ? 'There is no name (FN).' : null,
                $email !== null && filter_var($email, FILTER_VALIDATE_EMAIL) === false ? "“{$email}” is no mail address." : null,
            ])),
        ];
    }
}
