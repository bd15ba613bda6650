<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Guesses;
use App\Access\Passphrase;
use App\Address\KeptStyles;
use App\Http\Away;
use App\Kept\Archive;
use App\Models\Tutor;
use App\Style\NamedStyles;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Method\Catalogue;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Cookie;

/** The door to lessons and learners: the passphrase set, given, changed, and everybody signed out. */
final readonly class TutorController
{
    public function __construct(
        private Passphrase $passphrase,
        private Guesses $guesses,
        private Factory $auth,
        private NamedStyles $styles,
        private Catalogue $catalogue,
    ) {}

    public function show(Request $request): Response
    {
        $state = match (true) {
            $this->tutor() !== null => 'in',
            $this->passphrase->isSet() => 'door',
            self::isHere($request) => 'first',
            default => 'elsewhere',
        };

        return response()->view('tutor.page', [
            'state' => $state,
            'tutor' => $this->tutor(),
        ], $state === 'elsewhere' ? 403 : 200, ['Cache-Control' => 'no-store, private']);
    }

    public function first(Request $request): RedirectResponse
    {
        abort_unless(self::isHere($request), 403);
        $wanted = $this->wanted($request);
        if ($wanted === null) {
            return self::back('door.unfit');
        }
        $tutor = $this->passphrase->first($wanted);

        return $tutor === null ? self::back('door.is-set') : $this->enter($request, $tutor, false);
    }

    public function enterByPassphrase(Request $request): RedirectResponse
    {
        $tutor = Tutor::query()->first();
        $guess = $tutor === null ? false : $this->guess($request, $tutor);
        if ($tutor === null || $guess !== true) {
            return self::refused($guess);
        }

        return $this->enter($request, $tutor, $request->boolean('remember'));
    }

    public function leave(Request $request): RedirectResponse
    {
        $this->guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return self::back('door.is-out');
    }

    /** The passphrase stays and is hashed anew: every session and every remembered sign-in ends with the old hash. */
    public function leaveEverywhere(Request $request): RedirectResponse
    {
        $tutor = $this->tutor();
        $guess = $tutor === null ? false : $this->guess($request, $tutor);
        if ($tutor === null || $guess !== true) {
            return self::refused($guess);
        }
        $this->passphrase->change($tutor, $request->string('passphrase')->value());
        $this->guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return self::back('door.all-out');
    }

    public function change(Request $request): RedirectResponse
    {
        $tutor = $this->tutor();
        $guess = $tutor === null ? false : $this->guess($request, $tutor);
        if ($tutor === null || $guess !== true) {
            return self::refused($guess);
        }
        $wanted = $this->wanted($request);
        if ($wanted === null) {
            return self::back('door.unfit');
        }
        $this->passphrase->change($tutor, $wanted);

        return self::back('door.is-changed');
    }

    public function settings(Request $request): RedirectResponse
    {
        $months = $request->input('keep_months');
        if (!\is_string($months) || preg_match('/^\d{1,3}$/', $months) !== 1 || (int) $months < 1) {
            return self::back('door.months-wrong');
        }
        $this->tutor()?->update(['keep_months' => min(120, (int) $months)]);

        return self::back('door.is-changed');
    }

    /** Everything, as one file; it is made for this one answer and kept nowhere. */
    public function export(Archive $archive): BinaryFileResponse
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'runel');
        $archive->write($file);

        return response()->download($file, 'runel-' . now()->toDateString() . '.zip')->deleteFileAfterSend();
    }

    private function enter(Request $request, Tutor $tutor, bool $remember): RedirectResponse
    {
        $this->guard()->login($tutor, $remember);
        $request->session()->regenerate();
        $to = $request->session()->pull('url.intended');

        $away = redirect(\is_string($to) && str_starts_with($to, '/') && !str_starts_with($to, '//')
            ? $to
            : route('lessons', [], false));
        $kept = KeptStyles::ofCookie($request->cookie(KeptStyles::COOKIE), $this->catalogue);
        if ($kept->byName === []) {
            return $away;
        }
        $left = $this->styles->takeOver($kept);

        return $away->withCookie($left->byName === []
            ? Cookie::create(KeptStyles::COOKIE)
            : $left->asCookie($this->catalogue, $request->isSecure()))
            ->with($left->byName === [] ? [] : ['notice' => __('style.ask-at-door')]);
    }

    /** Null where it is none, or was typed differently the second time. */
    private function wanted(Request $request): ?string
    {
        $wanted = $request->input('wanted');

        return \is_string($wanted) && $wanted === $request->input('again') && Passphrase::fits($wanted)
            ? $wanted
            : null;
    }

    /** @return int|bool whether the passphrase is right; for how many seconds none is looked at */
    private function guess(Request $request, Tutor $tutor): int|bool
    {
        $given = $request->input('passphrase');

        return !\is_string($given) ? false : $this->guesses->guess(
            (string) $request->ip(),
            fn(): bool => $this->passphrase->isRight($tutor, $given),
        );
    }

    private static function refused(int|bool $guess): RedirectResponse
    {
        return \is_int($guess) ? self::back('door.too-many', ['count' => $guess]) : self::back('door.wrong');
    }

    private function tutor(): ?Tutor
    {
        $user = $this->guard()->user();

        return $user instanceof Tutor ? $user : null;
    }

    private function guard(): SessionGuard
    {
        $guard = $this->auth->guard('web');

        return $guard instanceof SessionGuard ? $guard : throw new \LogicException('The guard keeps sessions.');
    }

    /** Whether it is asked from the machine Runel runs on. */
    private static function isHere(Request $request): bool
    {
        $ip = (string) $request->ip();

        return $ip === '::1' || str_starts_with($ip, '127.');
    }

    /** @param array<string, int> $parts */
    private static function back(string $notice, array $parts = []): RedirectResponse
    {
        $said = trans_choice($notice, $parts['count'] ?? 1, $parts);

        return Away::to('tutor')->with('notice', $said);
    }
}
