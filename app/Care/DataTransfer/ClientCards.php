<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Bridge\Imports\Contact;
use App\Models\Head;
use App\Wording\Words;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;
use Sabre\VObject\Splitter\VCard as Splitter;

/** Clients as vCards (RFC 6350): who they are and how they are reached, nothing of their hair. */
final readonly class ClientCards
{
    /** @param iterable<Head> $heads */
    public function write(iterable $heads): string
    {
        $cards = '';
        foreach ($heads as $head) {
            $names = explode(' ', $head->name);
            $card = new VCard([
                'VERSION' => '4.0',
                'UID' => "urn:nagomi:{$head->id}",
                'FN' => $head->name,
                'N' => [(string) (count($names) > 1 ? array_pop($names) : ''), implode(' ', $names), '', '', ''],
            ]);
            foreach (
                [
                    'EMAIL' => $head->email,
                    'TEL' => $head->phone,
                    'BDAY' => $head->born_on?->format('Ymd'),
                ] as $property => $value
            ) {
                if ($value !== null && $value !== '') {
                    $card->add($property, $value);
                }
            }
            $cards .= (string) $card->serialize();
        }

        return $cards;
    }

    /**
     * @return list<array{
     *     name: string, email: string|null, phone: string|null, born_on: string|null, problems: list<string>,
     * }> one for each card, in their order
     */
    public function read(string $text): array
    {
        $found = [];
        $stream = fopen('php://temp', 'w+');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $text);
        rewind($stream);
        try {
            $splitter = new Splitter($stream, Reader::OPTION_FORGIVING);
            while (($card = $splitter->getNext()) !== null) {
                $found[] = $this->client($card instanceof VCard ? $card : new VCard());
            }
        } catch (ParseException) {
            // What the reader says names bytes of the file, and not in the language of who reads it.
            $found[] = [
                'name' => '',
                'email' => null,
                'phone' => null,
                'born_on' => null,
                'problems' => [Words::say('data-transfer.no-card', ['card' => count($found) + 1])],
            ];
        }

        return $found;
    }

    /**
     * @return array{name: string, email: string|null, phone: string|null, born_on: string|null, problems: list<string>}
     */
    private function client(VCard $card): array
    {
        return Contact::of(
            $this->name($card),
            $this->text($card, 'EMAIL'),
            $this->text($card, 'TEL'),
            $this->text($card, 'BDAY'),
        );
    }

    /** FN, which older cards may lack; then what the other names say. */
    private function name(VCard $card): string
    {
        $named = $card->select('N')[0] ?? null;
        $parts = $named instanceof Property
            ? array_map(
                fn (mixed $part): string => is_array($part)
                    ? implode(' ', array_filter($part, is_string(...)))
                    : (is_string($part) ? $part : ''),
                array_values((array) $named->getParts()),
            )
            : [];
        foreach (
            [
                $this->text($card, 'FN'),
                trim(($parts[1] ?? '') . ' ' . ($parts[0] ?? '')),
                $this->text($card, 'NICKNAME'),
                $this->text($card, 'ORG'),
            ] as $name
        ) {
            if (trim($name) !== '') {
                return trim($name);
            }
        }

        return '';
    }

    private function text(VCard $card, string $property): string
    {
        $first = $card->select($property)[0] ?? null;

        return $first instanceof Property ? trim((string) $first) : '';
    }
}
