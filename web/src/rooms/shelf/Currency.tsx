import { useState } from 'react';
import { currency, isCurrency, keepCurrency } from '../../units/currency';

/** In which currency prices are typed and told. */
export function Currency() {
  const [text, setText] = useState(currency);
  const good = isCurrency(text);
  return (
    <p className="currency">
      <label>
        Prices are in{' '}
        <input
          className="form-control currency-code"
          value={text}
          maxLength={3}
          size={4}
          aria-invalid={!good}
          aria-describedby="currency-says"
          onChange={(event) => {
            const code = event.target.value.toUpperCase();
            setText(code);
            if (isCurrency(code)) keepCurrency(code);
          }}
        />
      </label>{' '}
      <span id="currency-says" className={good ? 'note' : 'bad'}>
        {good ? 'as its three letters are; nothing is converted' : 'Three letters, such as EUR; until then prices stand alone.'}
      </span>
    </p>
  );
}
