<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** What the bottle of a step holds that matters to hair, as read off its list of ingredients. */
final readonly class BottleContents
{
    /** The longest a label lets anything sit, in minutes. */
    public const MOST_LABEL_MINUTES = 720;

    /** @var array<string, ContentShare> by {@see Content} value; all of them */
    private array $shares;

    /**
     * @param array<string, ContentShare> $shares by {@see Content} value; what is left out, it has nothing of
     * @param int|null $labelMinutes how long it sits at most, by its label; null where that does not say
     *
     * @throws RefusedInput for a name that is no content, or minutes outside 1 to 720
     */
    public function __construct(array $shares, public ?int $labelMinutes = null)
    {
        $all = [];
        foreach (Content::cases() as $content) {
            $all[$content->value] = $shares[$content->value] ?? ContentShare::none();
        }
        $strange = array_diff_key($shares, $all);
        if ($strange !== []) {
            throw new RefusedInput(Message::of('refusals.contents', choices: array_keys($all)));
        }
        if ($labelMinutes !== null && ($labelMinutes < 1 || $labelMinutes > self::MOST_LABEL_MINUTES)) {
            throw new RefusedInput(Message::of('refusals.label-minutes', most: self::MOST_LABEL_MINUTES));
        }
        $this->shares = $all;
    }

    public function of(Content $content): ContentShare
    {
        return $this->shares[$content->value];
    }
}
