<?php

declare(strict_types=1);

namespace App\Style;

use App\Address\KeptStyles;
use App\Address\Standing;
use App\Kept\Named;
use App\Models\NamedStyle;
use App\Models\Tutor;
use App\Values\Given;
use Illuminate\Contracts\Auth\Factory;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Method\Catalogue;
use Runel\Style\HouseStyle;

/** The tutor's house styles under names: with everything else that is theirs, given to learners and lessons by name. */
final readonly class NamedStyles
{
    public const MOST = 60;
    /** What a form says instead of a name where the style that is set now is meant. */
    private const NOW = '1';

    public function __construct(private Catalogue $catalogue, private Factory $auth) {}

    /** Whether they are asked for by the tutor; a stranger's are in a cookie. */
    public function areMine(): bool
    {
        return $this->auth->guard('web')->user() instanceof Tutor;
    }

    /** @return array<string, Standing> by name, in alphabetical order */
    public function all(): array
    {
        $all = [];
        foreach (NamedStyle::query()->orderBy('name')->get() as $row) {
            $all[$row->name] = Standing::lenient(
                $this->catalogue,
                Given::of($row->standing)->values + HouseStyle::UNNUMBERED,
            );
        }

        return $all;
    }

    /**
     * One more, or one changed.
     *
     * @throws BadRequest when the name is none, or there is no room
     */
    public function keep(string $name, Standing $standing): void
    {
        $name = Named::of($name);
        $isNew = NamedStyle::query()->where('name', $name)->doesntExist();
        if ($isNew && NamedStyle::query()->count() >= self::MOST) {
            throw new BadRequest(Message::of('kept.many-styles', ['most' => self::MOST]));
        }
        NamedStyle::query()->updateOrCreate(['name' => $name], ['standing' => $standing->kept($this->catalogue)]);
    }

    public function forget(string $name): void
    {
        NamedStyle::query()->where('name', $name)->delete();
    }

    /**
     * What a browser has kept comes to the tutor's things; what is there under the same name and differs is left.
     *
     * @return KeptStyles those that are left, to be asked about
     */
    public function takeOver(KeptStyles $kept): KeptStyles
    {
        $own = $this->all();
        foreach ($kept->byName as $name => $standing) {
            $there = $own[$name] ?? null;
            if ($there !== null && $there->chosen($this->catalogue) !== $standing->chosen($this->catalogue)) {
                continue;
            }
            if ($there === null) {
                try {
                    $this->keep($name, $standing);
                } catch (BadRequest) {
                    continue;
                }
            }
            $kept = $kept->without($name);
        }

        return $kept;
    }

    /**
     * The style a form gives to a learner, a group or a lesson: that of now, or one by its name.
     *
     * @return HouseStyle|null null where it stays as it is
     */
    public function given(mixed $asked, HouseStyle $now): ?HouseStyle
    {
        return match (true) {
            $asked === self::NOW => $now,
            \is_string($asked) && str_starts_with($asked, 'name:') => $this->all()[substr($asked, 5)]->style ?? null,
            default => null,
        };
    }
}
