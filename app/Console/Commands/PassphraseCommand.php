<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Access\Passphrase;
use App\Console\Refuses;
use App\Models\Tutor;
use Illuminate\Console\Command;

/** The tutor's passphrase, from the machine Runel runs on: whether there is one, or another where it is forgotten. */
final class PassphraseCommand extends Command
{
    use Refuses;

    protected $signature = 'runel:passphrase {--is-set : only answer whether there is one, by the exit code}';

    protected $description = 'Sets the tutor’s passphrase, also where it is forgotten; ends every session';

    public function handle(Passphrase $passphrase): int
    {
        if ($this->option('is-set') === true) {
            return $passphrase->isSet() ? self::SUCCESS : self::FAILURE;
        }
        $wanted = $this->secret((string) __('door.wanted-new'));
        if (!\is_string($wanted) || !Passphrase::fits($wanted)) {
            return $this->refuse((string) __('door.unfit'));
        }
        $tutor = Tutor::query()->first();
        $tutor === null ? $passphrase->first($wanted) : $passphrase->change($tutor, $wanted);
        $this->line((string) __('door.is-changed'));

        return self::SUCCESS;
    }
}
