<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;

/** What a person does with the page: open, type, choose, press, read. */
final readonly class Hand
{
    public function __construct(public RemoteWebDriver $driver, private string $base)
    {
    }

    public function open(string $path): void
    {
        $this->driver->get($this->base.$path);
    }

    /**
     * Before the page is left with something unsaved: the driver answers its question, but the browser asks only whom it has seen at work
     * there, and complains of the page otherwise.
     */
    public function isAtWork(): void
    {
        $this->driver->findElement(WebDriverBy::cssSelector('h1'))->click();
    }

    /** @param  bool  $carrying  whether this device is to calculate by itself; tests of other things leave it alone, which takes less of the machine */
    public function signIn(string $login, string $password = 'larkrigg', bool $carrying = false): void
    {
        $this->open('/sign-in');
        if (! $carrying) {
            $this->driver->executeScript("localStorage.setItem('brave-anvil-carried-removed', '1')");
        }
        $this->fill('Name', $login);
        $this->fill('Password', $password);
        $this->press('Sign in');
        $this->until(fn (): bool => ! str_contains($this->path(), 'sign-in'));
        $this->until(fn (): bool => $this->has('I have read this') || $this->has('Yard'), 90, 'nothing follows the sign-in');
        if ($this->has('I have read this')) {
            $this->press('I have read this');
            $this->see('Yard');
        }
    }

    public function path(): string
    {
        return (string) parse_url($this->driver->getCurrentURL(), PHP_URL_PATH);
    }

    /** Waits until the text is on the page. */
    public function see(string $text, float $seconds = 45): void
    {
        $this->until(
            fn (): bool => str_contains($this->text(), self::plain($text)),
            $seconds,
            fn (): string => "“{$text}” is not on the page; it says: ".mb_substr($this->text(), 0, 1500),
        );
    }

    public function has(string $text, float $seconds = 0): bool
    {
        $until = microtime(true) + $seconds;
        do {
            if (str_contains($this->text(), self::plain($text))) {
                return true;
            }
            usleep(60_000);
        } while (microtime(true) < $until);

        return false;
    }

    /** What the page says, with plain spaces. */
    public function text(): string
    {
        return self::plain((string) $this->driver->executeScript('return document.body.innerText'));
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace('/\s+/u', ' ', str_replace(["\u{202F}", "\u{00A0}"], ' ', $text));
    }

    /** The element that a script picks, marked for the moment so that the driver can take hold of it. */
    private function picked(string $expression, string $argument): ?RemoteWebElement
    {
        $mark = 'h'.bin2hex(random_bytes(4));
        $this->driver->executeScript(
            'const e = (function (wanted) { '.$expression.' })(arguments[0]); e?.setAttribute("data-hand", arguments[1])',
            [$argument, $mark],
        );
        $found = $this->driver->findElements(WebDriverBy::cssSelector("[data-hand=$mark]"));

        return $found[0] ?? null;
    }

    /** The input that a label names. */
    public function field(string $label): RemoteWebElement
    {
        $found = null;
        $this->until(
            function () use ($label, &$found): bool {
                $found = $this->picked(
                    'const l = [...document.querySelectorAll("label")].find((e) => e.textContent.trim() === wanted && e.getClientRects().length > 0); return l ? document.getElementById(l.htmlFor) ?? l.control ?? null : null',
                    $label,
                );

                return $found !== null;
            },
            40,
            "no field is labelled “{$label}”",
        );

        return $found instanceof RemoteWebElement ? $found : throw new RuntimeException($label);
    }

    public function fill(string $label, string $text): void
    {
        $this->until(function () use ($label, $text): bool {
            $field = $this->field($label);
            $this->driver->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$field]);
            $field->click();
            $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
            $field->sendKeys($text === '' ? WebDriverKeys::DELETE : $text);

            return true;
        }, 40, "the field “{$label}” takes nothing");
    }

    public function value(string $label): string
    {
        return (string) $this->field($label)->getAttribute('value');
    }

    /** Presses the button or link that carries the words. */
    public function press(string $words): void
    {
        $this->until(
            function () use ($words): bool {
                $element = $this->picked(
                    'return [...document.querySelectorAll("button, a, summary, [role=menuitem], [role=radio]")].find((e) => (e.innerText.trim() === wanted || e.getAttribute("aria-label") === wanted || e.dataset.name === wanted) && e.getClientRects().length > 0) ?? null',
                    $words,
                );
                if ($element === null) {
                    return false;
                }
                $element->click();

                return true;
            },
            40,
            "nothing is called “{$words}”",
        );
    }

    /** Presses the button whose words match a pattern, as one that counts. */
    public function pressLike(string $pattern): void
    {
        $this->until(fn (): bool => $this->driver->executeScript(
            'const e = [...document.querySelectorAll("button")].find((e) => new RegExp(arguments[0]).test(e.innerText.trim())); e?.click(); return !!e',
            [$pattern],
        ) === true, 40, "nothing matches {$pattern}");
    }

    /** Ticks the box, or takes the tick away. */
    public function tick(string $label): void
    {
        $this->until(
            function () use ($label): bool {
                $box = $this->picked(
                    'return [...document.querySelectorAll("label")].find((e) => e.innerText.replace("✓", "").trim() === wanted && e.querySelector("input[type=checkbox]")) ?? null',
                    $label,
                );
                if ($box === null) {
                    return false;
                }
                $box->click();

                return true;
            },
            40,
            "no box is labelled “{$label}”",
        );
    }

    /** Chooses an entry of a list. */
    public function choose(string $label, string $entry): void
    {
        $this->until(
            function () use ($label): bool {
                $button = $this->picked(
                    'const l = [...document.querySelectorAll("span, label")].find((e) => e.textContent.trim() === wanted); return l?.closest("[data-rac]")?.querySelector("button") ?? l?.parentElement?.closest("div")?.querySelector("button") ?? null',
                    $label,
                );
                if ($button === null) {
                    return false;
                }
                $button->click();

                return true;
            },
            40,
            "no list is labelled “{$label}”",
        );
        $this->until(
            function () use ($entry): bool {
                foreach ($this->driver->findElements(WebDriverBy::cssSelector('[role=option]')) as $option) {
                    if (trim($option->getText()) === $entry) {
                        $option->click();

                        return true;
                    }
                }

                return false;
            },
            40,
            "the list has no “{$entry}”",
        );
        $this->until(fn (): bool => $this->driver->findElements(WebDriverBy::cssSelector('[role=option]')) === []);
    }

    /** Gives a file to the first file chooser on the page, or the one that takes this kind. */
    public function upload(string $path, string $kind = ''): void
    {
        $this->until(function () use ($path, $kind): bool {
            $this->driver->findElement(
                WebDriverBy::cssSelector($kind === '' ? 'input[type=file]' : "input[type=file][accept*='$kind']"),
            )->sendKeys($path);

            return true;
        }, 40, 'nothing takes a file');
    }

    /** Types into a field of the circuit by its path. */
    public function type(string $path, string $text): void
    {
        $this->until(function () use ($path, $text): bool {
            $field = $this->driver->findElements(WebDriverBy::cssSelector("input[data-path='$path']"))[0] ?? null;
            if (! $field instanceof RemoteWebElement) {
                return false;
            }
            if (! $field->isDisplayed()) {
                $this->pressLike('^More on this plate');
            }
            $this->driver->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$field]);
            $field->click();
            $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
            $field->sendKeys($text);

            return true;
        }, 40, "no field takes $path");
    }

    /** What stands in a field of the circuit. */
    public function typed(string $path): string
    {
        $field = $this->driver->findElements(WebDriverBy::cssSelector("input[data-path='$path']"))[0] ?? null;

        return $field === null ? '' : (string) $field->getAttribute('value');
    }

    public function saved(float $seconds = 60): void
    {
        $this->until(
            fn (): bool => $this->driver->findElements(WebDriverBy::cssSelector('[data-save=saved]')) !== [],
            $seconds,
            'the draft is not saved',
        );
    }

    public function keys(string ...$keys): void
    {
        // The element that has the focus may be on its way out, as the button of a menu that closes.
        $this->until(function () use ($keys): bool {
            $this->driver->getKeyboard()->sendKeys($keys);

            return true;
        }, 40, 'nothing takes the keys');
    }

    /** Takes the focus out of the field. */
    public function leave(): void
    {
        $this->driver->executeScript('document.activeElement?.blur()');
    }

    /**
     * @param  callable(): bool  $holds
     * @param  string|Closure(): string  $otherwise  what is wrong if it never does
     */
    public function until(callable $holds, float $seconds = 40, string|Closure $otherwise = 'it never came'): void
    {
        $until = microtime(true) + $seconds;
        // Looking costs the page time too: the longer it takes, the seldomer.
        for ($pause = 40_000; ; $pause = min(400_000, (int) ($pause * 1.4))) {
            try {
                if ($holds()) {
                    return;
                }
            } catch (StaleElementReferenceException|NoSuchElementException|ElementNotInteractableException) {
                // The page drew itself anew in between, or is still moving; look again.
            }
            if (microtime(true) >= $until) {
                break;
            }
            usleep($pause);
        }
        throw new RuntimeException(is_string($otherwise) ? $otherwise : $otherwise());
    }
}
